import psychrolib from 'psychrolib'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { dewPointK, saturationVaporPa } from '@/core/fluids/waterVapor'
import { perKgPropane } from '@/core/heat/air/combustion'

psychrolib.SetUnitSystem(psychrolib.SI)

/** Outside reference: psychrolib, which follows ASHRAE Fundamentals 2017. */
describe('air as psychrolib has it', () => {
  test.each([0, 500, 1500, 2410, 3000, 5000, 8000])('standard atmosphere at %d m', (altitudeM) => {
    expect(standardAtmospherePa(altitudeM) / psychrolib.GetStandardAtmPressure(altitudeM)).toBeCloseTo(1, 3)
  })
  test.each([-30, -10, -0.5, 0.5, 5, 20, 35, 60])('saturation at %d °C', (celsius) => {
    expect(saturationVaporPa(celsius + 273.15) / psychrolib.GetSatVapPres(celsius)).toBeCloseTo(1, 6)
  })
  test.each([
    [20, 0.5],
    [5, 0.9],
    [-5, 0.8],
    [30, 0.2],
  ])('dew point at %d °C and %d', (celsius, humidity) => {
    const vaporPa = humidity * saturationVaporPa(celsius + 273.15)
    expect(dewPointK(vaporPa) - 273.15).toBeCloseTo(psychrolib.GetTDewPointFromRelHum(celsius, humidity), 2)
  })
})

/** IUPAC, conventional atomic weights: H 1.008, C 12.011, O 15.999; C3H8 + 5 O2 → 3 CO2 + 4 H2O. */
test('propane burned by its atomic weights', () => {
  const propane = 3 * 12.011 + 8 * 1.008
  expect(perKgPropane.oxygenKg).toBeCloseTo((10 * 15.999) / propane, 3)
  expect(perKgPropane.co2Kg).toBeCloseTo((3 * (12.011 + 2 * 15.999)) / propane, 3)
  expect(perKgPropane.waterKg).toBeCloseTo((4 * (2 * 1.008 + 15.999)) / propane, 3)
  expect(perKgPropane.co2Kg + perKgPropane.waterKg).toBeCloseTo(1 + perKgPropane.oxygenKg, 3)
})
