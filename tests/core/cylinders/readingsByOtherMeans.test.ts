import fc from 'fast-check'
import { liftedLevel, lifts } from '@/core/cylinders/contents/liftedLevel'
import { heightLevel } from '@/core/cylinders/contents/heightLevel'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { usualShape } from '@/core/vaporization/vessel'

test('lifting is a reading with a wide range, of which the low end counts', () => {
  for (const lift of lifts) {
    const { liquidFraction, lowest, highest } = liftedLevel(lift)
    expect(liquidFraction).toBe(lowest)
    expect(highest - lowest).toBeGreaterThanOrEqual(0.1)
    expect(highest).toBeLessThanOrEqual(0.8)
  }
  const lows = lifts.map((lift) => liftedLevel(lift).lowest)
  expect(lows).toEqual(lows.toSorted((a, b) => a - b))
})

test('a cylinder of a known size needs only the height: its usual shape holds its water capacity', () => {
  // 20 lb cylinders are about 12 in wide: common practice.
  expect(usualShape(21.6).diameterM / 0.0254).toBeCloseTo(12, 0)
  fc.assert(
    fc.property(fc.double({ min: 5, max: 110, noNaN: true }), (waterCapacityKg) => {
      const shape = usualShape(waterCapacityKg)
      const { diameterM, lengthM } = shape
      // Two 2:1 ends: π d³ ÷ 12 together; each a quarter of the diameter high.
      const volumeM3 = (Math.PI / 4) * diameterM ** 2 * (lengthM - diameterM / 2) + (Math.PI * diameterM ** 3) / 12
      expect(volumeM3).toBeCloseTo(waterCapacityVolumeM3(waterCapacityKg), 9)
      expect(heightLevel(shape, 0)).toBe(0)
      expect(heightLevel(shape, lengthM)).toBeCloseTo(1, 9)
      expect(heightLevel(shape, lengthM / 2)).toBeCloseTo(0.5, 9)
    }),
  )
})
