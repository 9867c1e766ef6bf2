import { fahrenheit, POUND_KG } from '@tests/tradeUnits'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { co2FillLimitKg, propaneFillLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { liquidFullTemperatureK } from '@/core/fluids/cylinderState'
import { saturation } from '@/core/fluids/saturation'
import { fillingDensityRows } from '@/core/rules/fillingDensity'
import { SIXTY_F_K } from '@/core/units/convert'

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

/**
 * From a second side, the fluid data: the percentages are set so that a cylinder filled to its limit still has room for
 * vapor in the heat, and the gravity of propane at 60 °F is in the row of 42 %.
 */
test('propane’s own gravity is in the row of 42 %, and so filled it is liquid-full only far above 130 °F', () => {
  const gravity = saturation('propane', SIXTY_F_K).liquidDensityKgM3 / 999.016
  const limitKg = propaneFillLimitKg(1, gravity)
  expect(limitKg).toBeCloseTo(0.42, 9)
  const fullK = liquidFullTemperatureK('propane', limitKg, waterCapacityVolumeM3(1))
  expect(fullK).toBeGreaterThan(fahrenheit(140))
  // Two rows higher it would be full in a parked car.
  const tooFullK = liquidFullTemperatureK('propane', 0.45, waterCapacityVolumeM3(1))
  expect(tooFullK).toBeLessThan(fahrenheit(130))
})

test('over the whole table a limit leaves about the same room: 12 to 22 % more than the liquid takes at 60 °F', () => {
  for (const [from, to, percent] of fillingDensityRows) {
    const taken = percent / 100 / ((from + to) / 2)
    expect(taken).toBeGreaterThan(0.78)
    expect(taken).toBeLessThan(0.95)
  }
})
