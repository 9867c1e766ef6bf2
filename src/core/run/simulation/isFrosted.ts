import { dewPointK } from '@/core/fluids/dewPointK'
import { saturationVapourPa } from '@/core/fluids/saturationVapourPa'

const FREEZING_K = 273.15
/** Of the air outside, where nobody measured it. [common practice] */
const USUAL_HUMIDITY = 0.8

/** Dew points of usual outside air, solved once a kelvin. */
const dewPoints = new Map<number, number>()

function usualDewPointK(airK: number): number {
  const at = Math.round(airK)
  let found = dewPoints.get(at)
  if (found === undefined) {
    found = dewPointK(USUAL_HUMIDITY * saturationVapourPa(at))
    dewPoints.set(at, found)
  }
  return found
}

/**
 * Whether the wet part of a cylinder’s wall carries frost: colder than freezing and than the dew point.
 *
 * @param wallK - of the liquid, and so of the wall
 * @param airK - around it, at a usual 80 % of humidity
 */
export function isFrosted(wallK: number, airK: number): boolean {
  return wallK < FREEZING_K && wallK < usualDewPointK(airK)
}
