import fc from 'fast-check'
import { bareRoom, window } from '@tests/heat'
import { roomAir } from '@/core/heat/air/roomAir'
import type { z } from '@/core/base/zod'
import { roomAirSchema } from '@/core/heat/air/roomAirInput'

const across = (openM: number) => [window({ openM }), window({ id: 'b', side: 'right', alongM: 1, openM })]

function end(change: Partial<z.input<typeof roomAirSchema>>) {
  const { series } = roomAir(
    roomAirSchema.parse({
      room: bareRoom({ lengthM: 4, widthM: 1.8, heightM: 1.8 }),
      outside: { temperatureK: 268 },
      durationS: 3600,
      ...change,
    }),
  )
  const last = series.at(-1)
  if (!last) throw new Error('a series has an end')
  return last
}

const watts = fc.double({ min: 200, max: 3000, noNaN: true })
const few = { numRuns: 12 }

test('more open is less CO2, more oxygen, and never warmer', () => {
  fc.assert(
    fc.property(watts, fc.double({ min: 0, max: 0.1, noNaN: true }), (heaterW, openM) => {
      const little = end({ heaterW, openings: across(openM) })
      const more = end({ heaterW, openings: across(openM + 0.05) })
      expect(more.co2Ppm).toBeLessThan(little.co2Ppm)
      expect(more.o2Fraction).toBeGreaterThan(little.o2Fraction)
      expect(more.temperatureK).toBeLessThanOrEqual(little.temperatureK + 1e-9)
    }),
    few,
  )
})

test('more heat is warmer and worse air; more people likewise', () => {
  fc.assert(
    fc.property(watts, fc.double({ min: 50, max: 1000, noNaN: true }), (heaterW, moreW) => {
      const [low, high] = [end({ heaterW }), end({ heaterW: heaterW + moreW })]
      expect(high.temperatureK).toBeGreaterThan(low.temperatureK)
      expect(high.co2Ppm).toBeGreaterThan(low.co2Ppm)
      expect(end({ heaterW, people: { asleep: 2 } }).co2Ppm).toBeGreaterThan(low.co2Ppm)
    }),
    few,
  )
})

test('shares stay between 0 and 1, and humidity below saturation', () => {
  fc.assert(
    fc.property(
      watts,
      fc.integer({ min: 0, max: 6 }),
      fc.double({ min: 60_000, max: 101_325, noNaN: true }),
      (heaterW, asleep, pressurePa) => {
        const outside = { temperatureK: 262, relativeHumidity: 1, pressurePa }
        const last = end({ heaterW, people: { asleep }, outside, openings: [] })
        expect(last.o2Fraction).toBeGreaterThan(0)
        expect(last.o2Fraction).toBeLessThan(0.21)
        expect(last.co2Ppm).toBeGreaterThan(419)
        expect(last.relativeHumidity).toBeLessThanOrEqual(1)
        expect(last.airflowM3S).toBeGreaterThan(0)
      },
    ),
    few,
  )
})

test('thin air holds less oxygen to burn: the same heater draws its share down further', () => {
  const at = (pressurePa: number) => {
    const outside = { temperatureK: 268, pressurePa }
    return end({ heaterW: 2000, outside, openings: [] })
  }
  expect(at(75_000).o2Fraction).toBeLessThan(at(101_325).o2Fraction)
  expect(at(75_000).co2Ppm).toBeGreaterThan(at(101_325).co2Ppm)
})

test('wind only ever brings more air', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 10, noNaN: true }), (windMS) => {
      const calm = end({ heaterW: 800, openings: across(0.03) })
      const windy = end({ heaterW: 800, openings: across(0.03), windMS })
      expect(windy.co2Ppm).toBeLessThanOrEqual(calm.co2Ppm + 1e-6)
    }),
    few,
  )
})
