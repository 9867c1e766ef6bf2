import { InputError } from '@/core/base/InputError'

export interface RestingLoss {
  lostKg: number
  kgPerDay: number
  moneyPerWeek: number | null
  /** Time until empty at this rate; null without a loss. */
  emptyInS: number | null
}

/** Shortest time between readings that can show a loss. */
const SHORTEST_S = 3600

/**
 * What a vessel at rest loses between two readings.
 *
 * @param earlierKg - gas then
 * @param laterKg - gas now
 * @param elapsedS - between
 * @param pricePerKg - null when unknown
 * @throws InputError when the contents rose, or the time between is too short
 */
export function restingLoss(
  earlierKg: number,
  laterKg: number,
  elapsedS: number,
  pricePerKg: number | null,
): RestingLoss {
  if (!(elapsedS >= SHORTEST_S)) throw new InputError('later', 'An hour at least lies between two readings.')
  if (!(earlierKg >= 0 && laterKg >= 0)) throw new InputError('earlier', 'Gas is not less than zero.')
  if (laterKg > earlierKg) {
    throw new InputError(
      'later',
      'There is more in it than before: it was filled in between, or read at another temperature.',
    )
  }
  const lostKg = earlierKg - laterKg
  const kgPerS = lostKg / elapsedS
  return {
    lostKg,
    kgPerDay: kgPerS * 86_400,
    moneyPerWeek: pricePerKg === null ? null : kgPerS * 7 * 86_400 * pricePerKg,
    emptyInS: kgPerS > 0 ? laterKg / kgPerS : null,
  }
}
