import { InputError } from '@/core/base/InputError'

/** Standard atmosphere at sea level. */
export const SEA_LEVEL_PA = 101_325

/** Molar gas constant, J/(mol K); CODATA 2018, exact. The equations of state keep the value that they were fitted with. */
export const MOLAR_GAS_J_PER_MOLK = 8.314462618

const SEA_LEVEL_K = 288.15

const LAPSE_K_M = 0.0065

// g·M/(R·lapse) with the standard's own constants.
const EXPONENT = 5.25588

/**
 * Air pressure at an altitude, standard atmosphere.
 *
 * @param altitudeM - above sea level, −500 to 11,000 m
 * @returns absolute pressure in Pa
 * @throws InputError outside that range
 * @see ISO 2533:1975
 * @example standardAtmospherePa(2410) // 75,600: a quarter of the air is gone
 */
export function standardAtmospherePa(altitudeM: number): number {
  if (!(altitudeM >= -500 && altitudeM <= 11000)) {
    throw new InputError('altitudeM', 'The altitude must lie between 500 m below and 11,000 m above the sea.')
  }
  return SEA_LEVEL_PA * (1 - (LAPSE_K_M * altitudeM) / SEA_LEVEL_K) ** EXPONENT
}

/**
 * Gauge pressure of an absolute pressure at an altitude.
 *
 * @param absolutePa - absolute pressure
 * @param altitudeM - above sea level
 * @returns Pa; negative below ambient pressure
 * @throws InputError as standardAtmospherePa does
 */
export function gaugePressurePa(absolutePa: number, altitudeM: number): number {
  return absolutePa - standardAtmospherePa(altitudeM)
}
