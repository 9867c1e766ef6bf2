import { POUND_KG } from '@tests/tradeUnits'
import { co2FillLimitKg } from '@/core/rules/co2FillLimitKg'
import { fillingDensityRows } from '@/core/rules/fillingDensity'
import { propaneFillLimitKg } from '@/core/rules/propaneFillLimitKg'

/** 49 CFR 173.304a(d)(1) and (a)(2) [from memory]. */
test.each([
  [47.6, 20.0],
  [238, 100],
  [1000, 420],
])('%d lb of water capacity holds %d lb of propane', (waterCapacityLb, limitLb) => {
  expect(propaneFillLimitKg(waterCapacityLb * POUND_KG) / POUND_KG / limitLb).toBeCloseTo(1, 2)
})

test('CO2: 7.35 lb of water capacity holds 5.0 lb', () => {
  expect(co2FillLimitKg(7.35 * POUND_KG) / POUND_KG).toBeCloseTo(5.0, 2)
})

test('the table runs from 0.271 to 0.634 without gap or overlap, a percent a row', () => {
  expect(fillingDensityRows[0]?.[0]).toBe(0.271)
  expect(fillingDensityRows.at(-1)?.[1]).toBe(0.634)
  fillingDensityRows.slice(1).forEach(([from, , percent], i) => {
    const [, toBefore, percentBefore] = fillingDensityRows[i] ?? [0, 0, 0]
    expect(Math.round((from - toBefore) * 1000)).toBe(1)
    expect(percent - percentBefore).toBe(1)
  })
})

test.each([
  [0.271, 26],
  [0.5034, 41],
  [0.5036, 42],
  [0.504, 42],
  [0.5104, 42],
  [0.511, 43],
  [0.634, 57],
])('gravity %d is looked up at three decimals: %d %%', (gravity, percent) => {
  expect(propaneFillLimitKg(100, gravity)).toBeCloseTo(percent, 9)
})

test('outside the table, and without a water capacity, it is refused', () => {
  expect(() => propaneFillLimitKg(20, 0.27)).toThrow(/specific gravity/)
  expect(() => propaneFillLimitKg(20, 0.635)).toThrow(/specific gravity/)
  expect(() => propaneFillLimitKg(20, NaN)).toThrow(/specific gravity/)
  expect(() => propaneFillLimitKg(0)).toThrow(/WC/)
  expect(() => co2FillLimitKg(-1)).toThrow(/WC/)
})
