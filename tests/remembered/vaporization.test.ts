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
  // Suppliers' handbooks [from memory]: BTU/h at 0 °F is diameter × length (in) × K, K being 60 at a fifth full; times
  // (t + 20) ÷ 20, so twice as much at 20 °F and nothing at −20 °F.
  test('10 by 40 in, a fifth full: 24,000 BTU/h at 0 °F, by the air', () => {
    const at = (airF: number) => dlkRuleW(10 * INCH_M, 40 * INCH_M, 0.2, fahrenheit(airF)) / BTU_PER_HOUR_W
    expect(at(0)).toBeCloseTo(24_000, 3)
    expect(at(20)).toBeCloseTo(48_000, 3)
    expect(at(-20)).toBeCloseTo(0, 6)
    expect(at(-30)).toBe(0)
  })

  // From a second side: K follows the wetted wall of a lying tank, so it grows with the arc under the liquid.
  test('K goes with the wetted arc from a tenth to three fifths, within 15 %', () => {
    const arc = (share: number): number => {
      let [low, high] = [0, 2 * Math.PI]
      for (let i = 0; i < 50; i += 1) {
        const angle = (low + high) / 2
        if ((angle - Math.sin(angle)) / (2 * Math.PI) < share) low = angle
        else high = angle
      }
      return low
    }
    const at = (share: number) => dlkRuleW(1, 1, share, fahrenheit(0))
    for (const share of [0.1, 0.2, 0.3, 0.4, 0.5]) {
      const ratio = at(share) / at(0.6) / (arc(share) / arc(0.6))
      expect(Math.abs(ratio - 1)).toBeLessThan(0.15)
    }
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
