import { saturation } from '@/core/fluids/saturation'

/**
 * Carbon dioxide along saturation: Span, Wagner, J. Phys. Chem. Ref. Data 25 (1996) 1509, table 34 [from memory].
 * Temperature K, pressure MPa, liquid and vapor kg/m³.
 */
test.each([
  [220, 0.59913, 1166.14, 15.817],
  [230, 0.89291, 1128.68, 23.271],
  [240, 1.2825, 1088.87, 33.295],
  [250, 1.785, 1045.97, 46.644],
  [260, 2.4188, 998.89, 64.417],
  [270, 3.2033, 945.83, 88.374],
  [280, 4.1607, 883.58, 121.74],
  [290, 5.3177, 804.67, 171.96],
  [300, 6.7131, 679.24, 268.58],
])('CO2 at %d K', (temperatureK, pressureMPa, liquid, vapor) => {
  const state = saturation('co2', temperatureK)
  expect(state.pressurePa / 1e6 / pressureMPa).toBeCloseTo(1, 2)
  expect(Math.abs(state.liquidDensityKgM3 / liquid - 1)).toBeLessThan(0.004)
  expect(Math.abs(state.vapourDensityKgM3 / vapor - 1)).toBeLessThan(0.012)
})

/** Propane along saturation: Lemmon, McLinden, Wagner, J. Chem. Eng. Data 54 (2009) 3141 [from memory]. Temperature K, pressure MPa. */
test.each([
  [250, 0.21797],
  [280, 0.58171],
  [300, 0.99778],
  [320, 1.5989],
  [340, 2.431],
])('propane at %d K', (temperatureK, pressureMPa) => {
  expect(Math.abs(saturation('propane', temperatureK).pressurePa / 1e6 / pressureMPa - 1)).toBeLessThan(0.004)
})

/** Normal boiling point of propane, 231.04 K; triple-point pressure of CO2, 0.518 MPa: the same sources [from memory]. */
test('fixed points', () => {
  expect(saturation('propane', 231.04).pressurePa / 101325).toBeCloseTo(1, 2)
  expect(saturation('co2', 216.592).pressurePa / 0.518e6).toBeCloseTo(1, 2)
})

/** Trouton: the entropy of boiling at the normal boiling point of a fluid that does not associate is 85 to 95 J/(mol K). */
test('the latent heat of propane is of the size such fluids have', () => {
  const molar = saturation('propane', 231.04).latentHeatJPerKg * 0.0440956
  expect(molar / 231.04).toBeGreaterThan(78)
  expect(molar / 231.04).toBeLessThan(95)
})
