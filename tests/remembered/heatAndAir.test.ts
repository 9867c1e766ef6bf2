import { bareRoom, window } from '@tests/heat'
import { BTU_PER_HOUR_W, fahrenheit, inches, SQUARE_INCH_M2 } from '@tests/tradeUnits'
import { airThresholds } from '@/core/heat/air/roomAir'
import { occupantEmissions } from '@/core/heat/air/airModel'
import { ventilationCheck } from '@/core/heat/ventilation/ventilationCheck'
import { warmUpFit } from '@/core/heat/warmth/warmUpFit'
import { ventilationNeed } from '@/core/heat/ventilation/ventilationNeed'

// Common practice: a small cap on a pick-up, 9 to 11 °F outside, a radiant of 4,000/9,000 BTU/h, its setting not known.
describe('a warm-up of a truck cap', () => {
  const readings = [
    [0, 24],
    [18, 45],
    [30, 52],
    [45, 57],
    [60, 65],
  ].map(([minutes = 0, degrees = 0]) => ({ timeS: minutes * 60, temperatureK: fahrenheit(degrees) }))
  test.each([
    [9000, 77],
    [4000, 35],
  ])('at an assumed %d BTU/h it loses about %d W/K, within 15 %%, and fits within 2 °F', (btuh, lossWPerK) => {
    for (const outside of [9, 10, 11]) {
      const inputW = btuh * BTU_PER_HOUR_W
      const fit = warmUpFit({ outsideK: fahrenheit(outside), inputW, readings, settings: [] })
      expect(Math.abs(fit.lossWPerK / lossWPerK - 1)).toBeLessThan(0.15)
      expect(fit.rmsK * 1.8).toBeLessThan(2)
      expect(fit.lossRange.low).toBeLessThan(fit.lossWPerK)
      expect(fit.lossRange.high).toBeGreaterThan(fit.lossWPerK)
    }
  })
})

// Common practice, as sold with panels of 3,000 BTU/h.
test('24 in² for a panel of 3,000 BTU/h; two windows of 24 in opened half an inch each give it', () => {
  const need = ventilationNeed(3000 * BTU_PER_HOUR_W, null)
  expect(need.areaM2 / SQUARE_INCH_M2).toBeCloseTo(24, 9)
  const room = bareRoom({
    openings: [window({ openM: inches(0.5) }), window({ id: 'b', side: 'right', openM: inches(0.5) })],
  })
  expect(ventilationCheck(room, need.areaM2).isEnough).toBe(true)
})

// OSHA 29 CFR 1910.1000 table Z-1 and the NIOSH Pocket Guide give each limit twice, by volume and by mass at 25 °C:
// 9,000, 54,000 and 72,000 mg/m³. [from memory]
test.each([
  ['eight-hours', 9000],
  ['fifteen-minutes', 54_000],
  ['danger', 72_000],
])('the limit “%s” of CO2 is %i mg/m³', (id, mgM3) => {
  const ppm = airThresholds.find((mark) => mark.id === id)?.at ?? NaN
  const gramsPerMol = 44.0095
  const litersPerMol = (8.314462 * 298.15) / 101.325
  expect((ppm * gramsPerMol) / litersPerMol / mgM3).toBeCloseTo(1, 2)
})

// OSHA 29 CFR 1910.146: under 19.5 % oxygen is deficient; dry air has 20.95 %. [from memory]
test('the oxygen limit is a fifteenth under that of the air', () => {
  const limit = airThresholds.find((mark) => mark.id === 'oxygen-low')?.at ?? NaN
  expect(limit / 0.2095).toBeCloseTo(14 / 15, 2)
})

// ASTM D6245, from the energy a person turns over: 0.00276 × 1.8 m² × met ÷ (0.23 RQ + 0.77) liters of oxygen a second,
// and RQ times that of CO2, with RQ 0.83; 1.2 met seated, 0.8 asleep. [from memory]
test.each([
  [1.2, { awake: 1, asleep: 0 }],
  [0.8, { awake: 0, asleep: 1 }],
])('at %d met a person’s CO2 agrees with the energy turned over, within 5 %%', (met, people) => {
  const respiratoryQuotient = 0.83
  const litersPerS = (respiratoryQuotient * 0.00276 * 1.8 * met) / (0.23 * respiratoryQuotient + 0.77)
  const found = occupantEmissions(people).co2MolS * 24.05
  expect(Math.abs(found / litersPerS - 1)).toBeLessThan(0.05)
})

// ASHRAE Fundamentals and Standard 62.1. [from memory]
test('a person gives 40 to 50 g/h of water and 75 to 100 W', () => {
  const [seated, asleep] = [occupantEmissions({ awake: 1, asleep: 0 }), occupantEmissions({ awake: 0, asleep: 1 })]
  for (const { waterMolS, heatW } of [seated, asleep]) {
    const gramsPerHour = waterMolS * 18.0153 * 3600
    expect(gramsPerHour).toBeGreaterThanOrEqual(40 - 1e-9)
    expect(gramsPerHour).toBeLessThanOrEqual(50 + 1e-9)
    expect(heatW).toBeGreaterThanOrEqual(75)
    expect(heatW).toBeLessThanOrEqual(100)
  }
})
