import fc from 'fast-check'
import { bottleGear, co2Gear, cylinderGear, tankGear } from '@tests/gear'
import { POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { CURVE_FROM_K, CURVE_TO_K, heatCurve } from '@/core/cylinders/contents/heatCurve'
import { heatFigures } from '@/core/cylinders/contents/heatFigures'

const relief = { propane: 375 * PSI_PA, co2: 3000 * PSI_PA } as const
const gas = fc.constantFrom('propane' as const, 'co2' as const)
const filled = fc.double({ min: 0.02, max: 1.15, noNaN: true })

function curveOf(fluid: 'propane' | 'co2', share: number, altitudeM = 0) {
  const waterCapacityKg = 10
  const limitKg = waterCapacityKg * (fluid === 'propane' ? 0.42 : 0.68)
  return heatCurve({ gas: fluid, netKg: limitKg * share, waterCapacityKg, altitudeM, reliefGaugePa: relief[fluid] })
}

describe('from a cold night to a hot car', () => {
  test('pressure never falls with temperature, and the liquid level stays between 0 and 1', () => {
    fc.assert(
      fc.property(gas, filled, (fluid, share) => {
        const { points } = curveOf(fluid, share)
        points.forEach(({ gaugePa, liquidFraction }, i) => {
          expect(gaugePa).toBeGreaterThanOrEqual((points[i - 1]?.gaugePa ?? -Infinity) - 1e-6)
          if (liquidFraction !== null) {
            expect(liquidFraction).toBeGreaterThanOrEqual(0)
            expect(liquidFraction).toBeLessThanOrEqual(1)
          }
        })
      }),
      { numRuns: 40 },
    )
  })

  test('it spans the temperatures, or ends where the relief device has long opened', () => {
    fc.assert(
      fc.property(gas, filled, (fluid, share) => {
        const { points } = curveOf(fluid, share)
        const last = points.at(-1)
        expect(points[0]?.temperatureK).toBe(CURVE_FROM_K)
        expect(last?.temperatureK === CURVE_TO_K || (last?.gaugePa ?? 0) > relief[fluid]).toBe(true)
      }),
      { numRuns: 40 },
    )
  })

  test('a fuller one is liquid-full and vents at no higher temperature', () => {
    fc.assert(
      fc.property(filled, filled, (a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)].map((share) => curveOf('propane', share))
        const venting = (curve: typeof less) => curve?.reliefAtK ?? Infinity
        expect(venting(more)).toBeLessThanOrEqual(venting(less) + 1e-6)
        if (less?.liquidFullK && more?.liquidFullK)
          expect(more.liquidFullK).toBeLessThanOrEqual(less.liquidFullK + 1e-6)
      }),
      { numRuns: 40 },
    )
  })

  test('higher up the gauge shows more, the relief valve opens sooner', () => {
    const [sea, high] = [curveOf('propane', 0.5), curveOf('propane', 0.5, 3000)]
    expect(high.points[20]?.gaugePa ?? 0).toBeGreaterThan(sea.points[20]?.gaugePa ?? 0)
    expect(high.reliefAtK ?? 0).toBeLessThan(sea.reliefAtK ?? 0)
  })

  test('an empty one has no curve', () => {
    expect(() =>
      heatCurve({ gas: 'propane', netKg: 0, waterCapacityKg: 10, altitudeM: 0, reliefGaugePa: 1e6 }),
    ).toThrow(/something in the cylinder/)
  })
})

test('every kind, full to its limit, has its figures; a full propane cylinder outlasts a hot car', () => {
  for (const gear of [cylinderGear(), bottleGear(), tankGear(), co2Gear()]) {
    const figures = heatFigures(gear, gearLimitKg(gear), 0, null)
    expect(figures.hot.quantity.value).toBeGreaterThan(0)
    expect(figures.curve.points.length).toBeGreaterThan(20)
    // At 130 °F no relief device of any kind has opened yet.
    expect(figures.hot.quantity.value).toBeLessThan(
      figures.reliefSetting.quantity.value * (gear.kind === 'onboard' ? 1.1 : 1),
    )
    expect(figures.fiveQuarters === null).toBe(gear.kind !== 'co2')
  }
})

test('overfilled, it vents on a warm day', () => {
  const gear = cylinderGear()
  const over = heatFigures(gear, 23.5 * POUND_KG, 0, null)
  const full = heatFigures(gear, 20 * POUND_KG, 0, null)
  expect((full.reliefAt?.quantity.value ?? 0) - (over.reliefAt?.quantity.value ?? 0)).toBeGreaterThan(25)
})
