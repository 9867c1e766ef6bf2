import { standardAtmospherePa } from './standardAtmospherePa'

/**
 * What a gauge shows of an absolute pressure at an altitude.
 *
 * @param absolutePa - absolute pressure
 * @param altitudeM - above sea level
 * @returns Pa above the air outside; negative under it
 * @throws InputError as standardAtmospherePa does
 */
export function gaugePressurePa(absolutePa: number, altitudeM: number): number {
  return absolutePa - standardAtmospherePa(altitudeM)
}
