import { fahrenheit, POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { auxiliarySaturation } from '@/core/fluids/saturationTable'
import { cylinderState, liquidFullTemperatureK } from '@/core/fluids/cylinderState'
import { type Fluid, heatingValueJPerKg } from '@/core/fluids/fluidData'
import { gaugePressurePa, standardAtmospherePa } from '@/core/fluids/atmosphere'
import { saturation } from '@/core/fluids/saturation'

function off(ours: number, reference: number): number {
  return Math.abs(ours / reference - 1)
}

/**
 * Two families of equations from different papers: the auxiliary saturation equations (Lemmon, McLinden, Wagner
 * 2009; Span, Wagner 1996) against the short Helmholtz equations (Span, Wagner 2003) [from memory].
 */
describe('the two families agree', () => {
  test.each<[Fluid, number, number]>([
    ['propane', 200, 360],
    ['co2', 220, 300],
  ])('%s from %d to %d K', (fluid, from, to) => {
    for (let temperatureK = from; temperatureK <= to; temperatureK += 2.5) {
      const solved = saturation(fluid, temperatureK)
      const auxiliary = auxiliarySaturation(fluid, temperatureK)
      expect(off(solved.pressurePa, auxiliary.pressurePa)).toBeLessThan(0.002)
      expect(off(solved.liquidDensityKgM3, auxiliary.liquidDensityKgM3)).toBeLessThan(0.003)
      expect(off(solved.vapourDensityKgM3, auxiliary.vapourDensityKgM3)).toBeLessThan(0.012)
    }
  })
})

/** Pressure psia, liquid and vapor kg/m³ by the auxiliary equations named above, worked out once and written down. */
describe('check values', () => {
  test.each([
    [-44, 14.63, 581.0, 2.405],
    [-20, 25.42, 565.3, 4.027],
    [0, 38.39, 551.7, 5.931],
    [32, 68.81, 528.6, 10.35],
    [60, 107.71, 506.7, 16.052],
    [100, 188.62, 471.4, 28.535],
    [130, 273.39, 439.9, 43.11],
  ])('propane at %d °F', (degrees, psia, liquid, vapor) => {
    const state = saturation('propane', fahrenheit(degrees))
    expect(off(state.pressurePa, psia * PSI_PA)).toBeLessThan(0.0025)
    expect(off(state.liquidDensityKgM3, liquid)).toBeLessThan(0.003)
    expect(off(state.vapourDensityKgM3, vapor)).toBeLessThan(0.006)
  })

  test.each([
    [-20, 214.92, 1071.1, 38.525],
    [0, 305.73, 1021.3, 55.552],
    [32, 505.46, 927.4, 97.644],
    [50, 652.99, 861.1, 135.157],
    [70, 852.84, 761.2, 203.256],
    [80, 969.57, 682.6, 265.667],
  ])('CO2 at %d °F', (degrees, psia, liquid, vapor) => {
    const state = saturation('co2', fahrenheit(degrees))
    expect(off(state.pressurePa, psia * PSI_PA)).toBeLessThan(0.002)
    expect(off(state.liquidDensityKgM3, liquid)).toBeLessThan(0.003)
    expect(off(state.vapourDensityKgM3, vapor)).toBeLessThan(0.012)
  })

  test.each([
    [90, 1201],
    [110, 1724],
    [130, 2262],
  ])('CO2 at its 68 %% fill, %d °F', (degrees, psig) => {
    const { pressurePa } = cylinderState('co2', 0.68, waterCapacityVolumeM3(1), fahrenheit(degrees))
    expect(off(gaugePressurePa(pressurePa, 0), psig * PSI_PA)).toBeLessThan(0.002)
  })
})

describe('handbook values', () => {
  test('100 °F propane 188.6 psia, 70 °F CO2 852.8 psia: NIST [from memory]', () => {
    expect(saturation('propane', fahrenheit(100)).pressurePa / PSI_PA).toBeCloseTo(188.6, 0)
    expect(saturation('co2', fahrenheit(70)).pressurePa / PSI_PA / 852.8).toBeCloseTo(1, 2)
  })

  test('propane boils at −44 °F at sea level: common practice', () => {
    expect(off(saturation('propane', fahrenheit(-44)).pressurePa, 101325)).toBeLessThan(0.01)
  })

  test('propane needs about 177 psi to stay liquid at 100 °F: common practice; 174 for the pure fluid', () => {
    const psig = gaugePressurePa(saturation('propane', fahrenheit(100)).pressurePa, 0) / PSI_PA
    expect(psig).toBeGreaterThan(172)
    expect(psig).toBeLessThan(177)
  })

  test('latent heat of propane at its normal boiling point, 425.6 kJ/kg [from memory]', () => {
    expect(off(saturation('propane', 231.04).latentHeatJPerKg, 425.6e3)).toBeLessThan(0.003)
  })

  test('latent heat of CO2 at 0 °C, 230.9 kJ/kg [from memory]', () => {
    expect(off(saturation('co2', 273.15).latentHeatJPerKg, 230.9e3)).toBeLessThan(0.006)
    // Tables of R744: saturated vapor less saturated liquid at 25 and 30 °C. [from memory]
    expect(off(saturation('co2', 298.15).latentHeatJPerKg, 119.6e3)).toBeLessThan(0.01)
    expect(off(saturation('co2', 303.15).latentHeatJPerKg, 60.6e3)).toBeLessThan(0.01)
  })

  test('liquid expands by about 1 % per 6 °F: common practice', () => {
    const cool = saturation('propane', fahrenheit(60)).liquidDensityKgM3
    const warm = saturation('propane', fahrenheit(66)).liquidDensityKgM3
    expect(cool / warm - 1).toBeGreaterThan(0.008)
    expect(cool / warm - 1).toBeLessThan(0.012)
  })

  test('1 lb of liquid makes about 8.6 ft³ of gas, 1.5 times as heavy as air: common practice', () => {
    const gasKgM3 = (101325 * 0.04409562) / (8.31451 * fahrenheit(60))
    expect(POUND_KG / gasKgM3 / 0.3048 ** 3).toBeCloseTo(8.6, 0)
    expect(gasKgM3 / 1.2225).toBeCloseTo(1.5, 1)
  })

  test('liquid at 60 °F weighs about 4.2 lb a gallon: common practice', () => {
    const poundsPerGallon = (saturation('propane', fahrenheit(60)).liquidDensityKgM3 * 0.003785411784) / POUND_KG
    expect(poundsPerGallon).toBeGreaterThan(4.18)
    expect(poundsPerGallon).toBeLessThan(4.25)
  })

  test('heating value within 1 % of the trade’s 21,500 BTU/lb: common practice', () => {
    expect(off(heatingValueJPerKg(), (21500 * 1055.05585262) / POUND_KG)).toBeLessThan(0.01)
  })
})

describe('a legally full cylinder in the heat', () => {
  test('20 lb of propane in a 47.6 lb water capacity is liquid-full near 147 °F', () => {
    const fullAt = liquidFullTemperatureK('propane', 20 * POUND_KG, waterCapacityVolumeM3(47.6 * POUND_KG))
    expect(fullAt).not.toBeNull()
    expect(Math.abs((fullAt ?? 0) - fahrenheit(147))).toBeLessThan(1)
  })

  test('CO2 at 68 %: liquid-full near 80 °F, about 2,260 psig at 130 °F, 3,000 psi near 157 °F', () => {
    const volume = waterCapacityVolumeM3(1)
    expect(Math.abs((liquidFullTemperatureK('co2', 0.68, volume) ?? 0) - fahrenheit(80))).toBeLessThan(1)
    const psig = (degrees: number): number =>
      gaugePressurePa(cylinderState('co2', 0.68, volume, fahrenheit(degrees)).pressurePa, 0) / PSI_PA
    expect(Math.abs(psig(130) - 2260)).toBeLessThan(15)
    expect(Math.abs(psig(157) - 3000)).toBeLessThan(40)
  })
})

/** ISO 2533:1975, standard atmosphere, table of pressure by geopotential altitude [from memory]. */
test.each([
  [0, 101325],
  [1000, 89874.6],
  [2000, 79495.2],
  [3000, 70108.5],
  [5000, 54019.9],
  [11000, 22632.1],
])('standard atmosphere at %d m', (altitudeM, pressurePa) => {
  expect(off(standardAtmospherePa(altitudeM), pressurePa)).toBeLessThan(0.00005)
})

test('the air is 3.7 psi lower at 2,410 m: worked by hand from the same standard', () => {
  expect((standardAtmospherePa(0) - standardAtmospherePa(2410)) / PSI_PA).toBeCloseTo(3.7, 1)
})
