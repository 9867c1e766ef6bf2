import { bareRoom, window } from '@tests/heat'
import { BTU_PER_HOUR_W, fahrenheit, inches, SQUARE_INCH_M2 } from '@tests/tradeUnits'
import { airThresholds } from '@/core/heat/air/roomAir'
import { occupantEmissions } from '@/core/heat/air/airModel'
import { ventilationCheck } from '@/core/heat/ventilation/ventilationCheck'
import { warmUpFit } from '@/core/heat/warmth/warmUpFit'
import { perKgPropane } from '@/core/heat/air/combustion'
import { ventilationNeed } from '@/core/heat/ventilation/ventilationNeed'

// Stoichiometry: C3H8 + 5 O2 → 3 CO2 + 4 H2O with the molar masses of IUPAC.
test('a kilogram of propane takes 3.63 kg of oxygen and gives 2.99 kg of CO2 and 1.63 kg of water', () => {
  expect(perKgPropane.oxygenKg).toBeCloseTo(3.63, 2)
  expect(perKgPropane.co2Kg).toBeCloseTo(2.99, 2)
  expect(perKgPropane.waterKg).toBeCloseTo(1.63, 2)
  // Mass in equals mass out.
  expect(perKgPropane.co2Kg + perKgPropane.waterKg).toBeCloseTo(1 + perKgPropane.oxygenKg, 3)
})

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

// OSHA 29 CFR 1910.1000 table Z-1 and 1910.146; NIOSH Pocket Guide, carbon dioxide. [from memory]
test('the limits are those of OSHA and NIOSH', () => {
  const at = Object.fromEntries(airThresholds.map((mark) => [mark.id, [mark.at, mark.source]]))
  expect(at['eight-hours']).toEqual([5000, 'OSHA'])
  expect(at['fifteen-minutes']).toEqual([30_000, 'NIOSH'])
  expect(at.danger).toEqual([40_000, 'NIOSH'])
  expect(at['oxygen-low']).toEqual([0.195, 'OSHA'])
})

// ASHRAE Fundamentals and Standard 62.1. [from memory]
test('a person gives 0.0052 L/s of CO2 seated, about 0.0035 asleep, and 40 to 50 g/h of water', () => {
  const liters = (molS: number): number => molS * 24.05
  const [seated, asleep] = [occupantEmissions({ awake: 1, asleep: 0 }), occupantEmissions({ awake: 0, asleep: 1 })]
  expect(liters(seated.co2MolS)).toBeCloseTo(0.0052, 6)
  expect(liters(asleep.co2MolS)).toBeCloseTo(0.0035, 6)
  for (const { waterMolS, heatW } of [seated, asleep]) {
    const gramsPerHour = waterMolS * 18.0153 * 3600
    expect(gramsPerHour).toBeGreaterThanOrEqual(40 - 1e-9)
    expect(gramsPerHour).toBeLessThanOrEqual(50 + 1e-9)
    expect(heatW).toBeGreaterThanOrEqual(75)
    expect(heatW).toBeLessThanOrEqual(100)
  }
})
