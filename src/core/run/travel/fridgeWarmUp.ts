import { InputError } from '@/core/base/InputError'
import { fromUnit } from '@/core/units/convert'

export interface FridgeWarmUp {
  /** Inside at the end. */
  endK: number
  /** When food passes the limit; null when it stays below. */
  tooWarmAtS: number | null
}

/** Closed, in a room 33 °F warmer, a fridge gains 4.5 °F in 7 hours. [common practice] */
const TIME_CONSTANT_S = 172_000
/** Highest temperature for stored food: USDA, “Keep food safe”. [from memory] */
export const FOOD_K = fromUnit(40, 'temperature', 'F')

/**
 * Warm-up of a closed fridge that is off while driving.
 *
 * @param startK - inside when it goes off
 * @param aroundK - of the room
 * @param offS - for how long
 * @throws InputError for a negative time or an impossible temperature
 */
export function fridgeWarmUp(startK: number, aroundK: number, offS: number): FridgeWarmUp {
  if (!(offS >= 0 && offS <= 7 * 86_400)) throw new InputError('offS', 'The drive lies between nothing and a week.')
  if (!(startK >= 243.15 && startK <= 313.15))
    throw new InputError('startK', 'No fridge is that cold or that warm inside.')
  if (!(aroundK >= 233.15 && aroundK <= 333.15)) throw new InputError('aroundK', 'No room is that cold or that warm.')
  const at = (timeS: number): number => aroundK + (startK - aroundK) * Math.exp(-timeS / TIME_CONSTANT_S)
  const share = (aroundK - FOOD_K) / (aroundK - startK)
  const crossS = startK >= FOOD_K ? 0 : aroundK <= FOOD_K ? Infinity : -TIME_CONSTANT_S * Math.log(share)
  return { endK: at(offS), tooWarmAtS: crossS <= offS ? crossS : null }
}
