import { BTU_PER_HOUR_W, fahrenheit, OUNCE_KG, POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { coldDraw } from '@/core/vaporization/coldDraw'
import { dlkRuleW, vaporizationSlip } from '@/core/vaporization/vaporizationSlip'
import { runtimeS } from '@/core/appliances/runtime'
import { vaporization, vaporizationSchema } from '@/core/vaporization/vaporization'

const INCH_M = 0.0254
const hundred = { waterCapacityKg: 238 * POUND_KG, diameterM: 14.5 * INCH_M }

/**
 * Continuous draw of a 100 lb cylinder, thousand BTU/h, by propane left (lb) and air (0, 20, 40, 60, 70 °F).
 * Suppliers' handbooks [from memory].
 */
const table = [
  [100, [113, 167, 214, 277, 300]],
  [60, [75, 109, 140, 176, 192]],
  [40, [55, 79, 105, 131, 141]],
  [20, [36, 51, 68, 83, 92]],
  [10, [28, 38, 49, 60, 66]],
] as const
const airs = [0, 20, 40, 60, 70] as const

function keptUp(pounds: number, airF: number, minimumGaugePa = 0): number {
  const { continuousW } = vaporization(
    vaporizationSchema.parse({
      vessel: hundred,
      liquidKg: pounds * POUND_KG,
      airTemperatureK: fahrenheit(airF),
      minimumGaugePa,
    }),
  )
  return continuousW / BTU_PER_HOUR_W / 1000
}

describe('a 100 lb cylinder against the suppliers’ table', () => {
  test.each(table.flatMap(([pounds, row]) => row.map((wanted, i) => [pounds, airs[i] ?? 0, wanted] as const)))(
    '%d lb at %d °F: %d thousand BTU/h, within 30 %%',
    (pounds, airF, wanted) => {
      const found = keptUp(pounds, airF)
      expect(Math.abs(found / wanted - 1)).toBeLessThan(0.3)
    },
  )

  test('a regulator that needs 10 psi gets less of it', () => {
    expect(keptUp(60, 20, 10 * PSI_PA)).toBeLessThan(0.75 * keptUp(60, 20))
  })
})

describe('horizontal tanks by diameter × length × K', () => {
  // Suppliers' handbooks [from memory]: K 100 at 60 %, 90 at 50, 80 at 40, 70 at 30, 60 at 20, 45 at 10.
  test.each([
    [0.6, 100],
    [0.5, 90],
    [0.4, 80],
    [0.3, 70],
    [0.2, 60],
    [0.1, 45],
  ])('at %d of its inside K is %d, and at 20 °F twice as much', (share, k) => {
    const at = (airF: number) => dlkRuleW(10 * INCH_M, 40 * INCH_M, share, fahrenheit(airF)) / BTU_PER_HOUR_W
    expect(at(0)).toBeCloseTo(400 * k, 3)
    expect(at(20)).toBeCloseTo(800 * k, 3)
    expect(at(-20)).toBeCloseTo(0, 6)
    expect(at(-30)).toBe(0)
  })

  test('between two rows it lies between them', () => {
    const at = (share: number) => dlkRuleW(1, 1, share, fahrenheit(0))
    expect(at(0.55) / at(0.5)).toBeCloseTo(95 / 90, 9)
    expect(at(0.05)).toBeCloseTo(at(0.1), 9)
    expect(at(0.9)).toBeCloseTo(at(0.6), 9)
  })

  /** A tank of 30 gal of water, half full: the rule beside the simulation, and where they differ. */
  const both = (airF: number): { rule: number; model: number } => {
    const input = vaporizationSchema.parse({
      vessel: { waterCapacityKg: 250 * POUND_KG, stands: 'lying', diameterM: 14 * INCH_M },
      liquidKg: 55,
      airTemperatureK: fahrenheit(airF),
      minimumGaugePa: 0,
    })
    const slip = vaporizationSlip(input, null)
    const rule = slip.further.find(({ figure }) => figure.basis === 'dlk-rule')?.figure.quantity.value ?? NaN
    return { rule, model: slip.result.figure.quantity.value }
  }

  test('in mild air rule and simulation are of one size', () => {
    for (const airF of [20, 40, 60]) {
      const { rule, model } = both(airF)
      expect(model / rule).toBeGreaterThan(0.6)
      expect(model / rule).toBeLessThan(1.7)
    }
  })

  test('at −20 °F the rule has ended, and the simulation continues to about −45 °F', () => {
    expect(both(-20).rule).toBeCloseTo(0, 6)
    expect(both(-20).model).toBeGreaterThan(1000)
    expect(both(-44).model).toBeLessThan(0.05 * both(0).model)
  })
})

describe('a one-pound bottle on its heater', () => {
  const bottle = { waterCapacityKg: 1.107, stands: 'upright' as const, wallKg: 14.6 * OUNCE_KG }
  const lasts = (btuh: number, airF: number) =>
    coldDraw({
      vessel: bottle,
      massKg: 16.4 * OUNCE_KG,
      drawW: btuh * BTU_PER_HOUR_W,
      airTemperatureK: fahrenheit(airF),
      minimumGaugePa: 5 * PSI_PA,
      windMS: 0,
      site: 'on-heater',
      altitudeM: 0,
    })
  const hours = (found: ReturnType<typeof lasts>) => (found.endS ?? NaN) / 3600

  // Common practice: 16.4 oz at 9,000 BTU/h 2.4 to 2.5 h, at 4,000 5.5 h.
  test('9,000 BTU/h for 2.4 to 2.5 hours', () => {
    expect(hours(lasts(9000, 70))).toBeGreaterThan(2.35)
    expect(hours(lasts(9000, 70))).toBeLessThan(2.55)
  })

  test('4,000 BTU/h for five and a half', () => {
    expect(hours(lasts(4000, 70))).toBeGreaterThan(5.35)
    expect(hours(lasts(4000, 70))).toBeLessThan(5.6)
  })

  test('never longer than its gas lasts', () => {
    for (const btuh of [2000, 4000, 9000]) {
      const bound = runtimeS(16.4 * OUNCE_KG, btuh * BTU_PER_HOUR_W)
      expect(lasts(btuh, 70).endS ?? Infinity).toBeLessThanOrEqual(bound)
    }
  })

  test('in frost it ends with gas left, and says so', () => {
    const found = lasts(9000, 10)
    expect(found.cause).toBe('cold')
    expect(found.leftKg).toBeGreaterThan(0.1 * 16.4 * OUNCE_KG)
    expect(hours(found)).toBeLessThan(2)
  })
})
