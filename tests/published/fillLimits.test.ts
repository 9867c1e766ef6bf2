import { POUND_KG } from '@tests/tradeUnits'
import { co2FillLimitKg, propaneFillLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { fillingDensityRows } from '@/core/rules/fillingDensity'

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

test('the table runs from 0.271 to 0.634 without gap or overlap, one percent per row', () => {
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

/** The whole table of 49 CFR 173.304a(d)(1), gravity from and to, percent [from memory]. */
test.each([
  [0.271, 0.289, 26],
  [0.29, 0.306, 27],
  [0.307, 0.322, 28],
  [0.323, 0.338, 29],
  [0.339, 0.354, 30],
  [0.355, 0.371, 31],
  [0.372, 0.398, 32],
  [0.399, 0.425, 33],
  [0.426, 0.44, 34],
  [0.441, 0.452, 35],
  [0.453, 0.462, 36],
  [0.463, 0.472, 37],
  [0.473, 0.48, 38],
  [0.481, 0.488, 39],
  [0.489, 0.495, 40],
  [0.496, 0.503, 41],
  [0.504, 0.51, 42],
  [0.511, 0.519, 43],
  [0.52, 0.527, 44],
  [0.528, 0.536, 45],
  [0.537, 0.544, 46],
  [0.545, 0.552, 47],
  [0.553, 0.56, 48],
  [0.561, 0.568, 49],
  [0.569, 0.576, 50],
  [0.577, 0.584, 51],
  [0.585, 0.592, 52],
  [0.593, 0.6, 53],
  [0.601, 0.608, 54],
  [0.609, 0.617, 55],
  [0.618, 0.626, 56],
  [0.627, 0.634, 57],
])('gravity %d to %d: %d %%', (from, to, percent) => {
  for (const gravity of [from, (from + to) / 2, to]) expect(propaneFillLimitKg(100, gravity)).toBeCloseTo(percent, 9)
})
