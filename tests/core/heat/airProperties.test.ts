import fc from 'fast-check'
import { bareRoom, window } from '@tests/heat'
import { leakageFactor } from '@/core/heat/air/leakage'
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

describe('oxygen runs out', () => {
  const cap = bareRoom({ lengthM: 1.8, widthM: 1.5, heightM: 0.9 })
  const slots = (openM: number) => [
    window({ alongM: 0.5, widthM: 0.4, bottomM: 0.3, heightM: 0.3, openM }),
    window({ id: 'b', side: 'right', alongM: 0.5, widthM: 0.4, bottomM: 0.3, heightM: 0.3, openM }),
  ]
  const night = (change: Partial<z.input<typeof roomAirSchema>>) =>
    roomAir(
      roomAirSchema.parse({
        room: cap,
        openings: [],
        fabricWPerK: 120,
        outside: { temperatureK: 263 },
        durationS: 3 * 3600,
        ...change,
      }),
    )
  const whats = ({ events }: ReturnType<typeof roomAir>) => events.map(({ what }) => what)

  test('a small cap at 18,000 BTU/h: the flame dies between 16 and 14 %, and oxygen stays there', () => {
    const air = night({ heaterW: 5275 })
    expect(whats(air)).toEqual(expect.arrayContaining(['evacuate', 'flame-fails']))
    const least = Math.min(...air.series.map(({ o2Fraction }) => o2Fraction))
    expect(least).toBeGreaterThan(0.135)
    expect(least).toBeLessThan(0.16)
    const [evacuate, fails] = [
      air.events.find(({ what }) => what === 'evacuate'),
      air.events.find(({ what }) => what === 'flame-fails'),
    ]
    expect(evacuate?.atS ?? Infinity).toBeLessThan(fails?.atS ?? 0)
  })

  test('with a cut-off it is off at 18 %', () => {
    const air = night({ heaterW: 5275, oxygenCutOff: true })
    expect(whats(air)).toEqual(expect.arrayContaining(['evacuate', 'cut-off']))
    expect(whats(air)).not.toContain('flame-fails')
    expect(Math.min(...air.series.map(({ o2Fraction }) => o2Fraction))).toBeGreaterThan(0.165)
  })

  test('a catalytic pad is never assumed to go out: it burns until there is no oxygen', () => {
    const air = night({ heaterW: 5275, catalytic: true })
    expect(Math.min(...air.series.map(({ o2Fraction }) => o2Fraction))).toBeLessThan(0.05)
    expect(whats(air)).not.toContain('flame-out')
  })

  test('a room that would grow hotter than anybody bears is refused at the heater', () => {
    expect(() =>
      night({ heaterW: 20_000, fabricWPerK: 5, openings: slots(0.3), outside: { temperatureK: 300 } }),
    ).toThrow(/hotter than 140 °F/)
  })

  test('any heater, people and openings: shares from 0 to 1, the gas burned not more than asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60_000, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        fc.integer({ min: 0, max: 12 }),
        fc.boolean(),
        fc.boolean(),
        fc.double({ min: 0, max: 15, noNaN: true }),
        (heaterW, openM, awake, catalytic, oxygenCutOff, windMS) => {
          let air: ReturnType<typeof roomAir>
          try {
            air = night({
              heaterW,
              openings: slots(openM),
              people: { awake },
              catalytic,
              oxygenCutOff,
              windMS,
              durationS: 1800,
            })
          } catch (error) {
            expect(String(error)).toMatch(/hotter than/)
            return
          }
          for (const { o2Fraction, co2Ppm, relativeHumidity, temperatureK, burningShare } of air.series) {
            expect(o2Fraction).toBeGreaterThanOrEqual(0)
            expect(o2Fraction).toBeLessThanOrEqual(0.21)
            expect(co2Ppm).toBeGreaterThanOrEqual(0)
            expect(o2Fraction + co2Ppm / 1e6).toBeLessThanOrEqual(1)
            expect(relativeHumidity).toBeGreaterThanOrEqual(0)
            expect(temperatureK).toBeLessThanOrEqual(333.15)
            expect(burningShare).toBeGreaterThanOrEqual(0)
            expect(burningShare).toBeLessThanOrEqual(1)
          }
          expect(air.propaneKg).toBeLessThanOrEqual((heaterW * 1800) / 50.35e6 + 1e-9)
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('leakage', () => {
  test('is that of its class at 20 K and 4 m/s, less on a calm mild night, and none where nothing drives it', () => {
    expect(leakageFactor(20, 4)).toBeCloseTo(1, 12)
    expect(leakageFactor(-20, 4)).toBeCloseTo(1, 12)
    expect(leakageFactor(5, 0)).toBeLessThan(0.4)
    expect(leakageFactor(0, 0)).toBe(0)
  })
  test('grows with the difference and with the wind', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (kelvin, wind) => {
          expect(leakageFactor(kelvin + 1, wind)).toBeGreaterThan(leakageFactor(kelvin, wind))
          expect(leakageFactor(kelvin, wind + 1)).toBeGreaterThan(leakageFactor(kelvin, wind))
        },
      ),
    )
  })
})
