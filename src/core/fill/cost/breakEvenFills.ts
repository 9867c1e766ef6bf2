import { InputError } from '@/core/base/InputError'

export interface BreakEven {
  /** Fills after which it has paid for itself; null when it never does. */
  fills: number | null
  /** Money saved by each fill. */
  savedPerFill: number
}

/** Savings below one cent per fill count as none. */
const MIN_SAVING = 0.01

/**
 * After how many fills a refillable bottle has paid for itself against bottles that are thrown away.
 *
 * @param outlay - the refillable bottle and its adapter
 * @param bottlePrice - of one that is thrown away
 * @param gasKg - in one fill
 * @param gasPerKg - price of bulk gas
 * @throws InputError for a price that is negative
 */
export function breakEvenFills(outlay: number, bottlePrice: number, gasKg: number, gasPerKg: number): BreakEven {
  if (!(outlay >= 0)) throw new InputError('outlay', 'An outlay cannot be less than zero.')
  if (!(bottlePrice >= 0)) throw new InputError('bottlePrice', 'A price cannot be less than zero.')
  if (!(gasKg > 0)) throw new InputError('gasKg', 'A fill is more than zero.')
  if (!(gasPerKg >= 0)) throw new InputError('gasPerKg', 'A price cannot be less than zero.')
  const savedPerFill = bottlePrice - gasKg * gasPerKg
  return { fills: savedPerFill >= MIN_SAVING ? Math.ceil(outlay / savedPerFill - 1e-9) : null, savedPerFill }
}
