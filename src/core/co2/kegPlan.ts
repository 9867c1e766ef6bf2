import { InputError } from '@/core/base/InputError'
import { gasDensityKgM3 } from '@/core/fluids/onePhase'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { carbonationGaugePa } from './carbonation'

/** A keg as it should be filled with gas and served. */
export interface Keg {
  drinkM3: number
  temperatureK: number
  volumes: number
  /** Gas that is in the drink already. */
  startVolumes: number
  glassM3: number
  altitudeM: number
  /** Gas in the cylinder. */
  gasKg: number
}

export interface KegPlan {
  gaugePa: number
  /** Gas the drink takes up. */
  carbonateKg: number
  /** Gas to dispense one glass. */
  perGlassKg: number
  glasses: number
  /** For the whole keg, drink and room above it at the end. */
  perKegKg: number
  /** How many kegs the cylinder does. */
  kegs: number
  /** Gas left after one keg; negative when it falls short. */
  leftKg: number
}

/** CO2 at 0 °C and 1 atm: what one volume of it weighs. [published: 1.977 kg/m³] */
const VOLUME_KG_M3 = 1.977

/**
 * CO2 that a keg needs.
 *
 * @param keg - drink, glass and cylinder
 * @throws InputError for sizes of 0, or a drink outside the table
 */
export function kegPlan({ drinkM3, temperatureK, volumes, startVolumes, glassM3, altitudeM, gasKg }: Keg): KegPlan {
  if (!(drinkM3 > 0 && drinkM3 <= 1))
    throw new InputError('drinkM3', 'A keg holds more than zero, and at most 1,000 L.')
  if (!(glassM3 > 0 && glassM3 <= drinkM3))
    throw new InputError('glassM3', 'A glass holds more than zero and no more than the keg.')
  if (!(gasKg >= 0)) throw new InputError('gasKg', 'The gas in the cylinder cannot be less than zero.')
  if (!(startVolumes >= 0)) throw new InputError('startVolumes', 'A drink holds no less than zero.')
  const gaugePa = carbonationGaugePa(temperatureK, volumes, altitudeM)
  const densityKgM3 = gasDensityKgM3('co2', temperatureK, gaugePa + standardAtmospherePa(altitudeM))
  const carbonateKg = Math.max(0, volumes - startVolumes) * drinkM3 * VOLUME_KG_M3
  const perKegKg = carbonateKg + drinkM3 * densityKgM3
  return {
    gaugePa,
    carbonateKg,
    perGlassKg: glassM3 * densityKgM3,
    glasses: Math.floor(drinkM3 / glassM3 + 1e-9),
    perKegKg,
    kegs: gasKg / perKegKg,
    leftKg: gasKg - perKegKg,
  }
}
