import type { Forecast } from './forecast'

const DAY_S = 86_400
const HOUR_S = 3600
/** A forecast is off by this on its first day and by so much more each day, to a limit. [common practice] */
const FIRST_K = 1
const MORE_K_PER_DAY = 0.4
const MOST_K = 4

/**
 * How far off a forecast may be at a moment, one standard deviation.
 *
 * @param forecast - with its own spread, or without one
 * @param timeS - since the trip began
 */
export function forecastSpreadK({ spreadK }: Pick<Forecast, 'spreadK'>, timeS: number): number {
  const stated = spreadK[Math.min(spreadK.length - 1, Math.floor(timeS / HOUR_S))]
  return stated ?? Math.min(MOST_K, FIRST_K + (MORE_K_PER_DAY * timeS) / DAY_S)
}
