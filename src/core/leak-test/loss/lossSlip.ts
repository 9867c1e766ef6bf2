import type { DisplayRole, Quantity } from '@/core/base/quantity'
import type { Slip } from '@/core/rules/figure'
import { restingLoss } from './restingLoss'

export interface LossReading {
  /** ISO 8601. */
  at: string
  netKg: number
}

/**
 * What a vessel at rest lost between two readings, as a worked sum.
 *
 * @param earlier - first reading
 * @param later - second
 * @param pricePerKg - null when unknown
 * @param small - weighed in ounces and grams
 * @throws InputError as restingLoss does
 */
export function lossSlip(earlier: LossReading, later: LossReading, pricePerKg: number | null, small: boolean): Slip {
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const elapsedS = (Date.parse(later.at) - Date.parse(earlier.at)) / 1000
  const { lostKg, kgPerDay, moneyPerWeek, emptyInS } = restingLoss(earlier.netKg, later.netKg, elapsedS, pricePerKg)
  const figure = (quantity: Quantity) => ({ basis: 'resting-loss', quantity, inputs: [] }) as const
  return {
    lines: [
      { sign: '', label: 'Gas then', figure: figure({ value: earlier.netKg, role }) },
      { sign: '−', label: 'Gas now', figure: figure({ value: later.netKg, role }) },
    ],
    result: { label: 'Lost', figure: figure({ value: lostKg, role }) },
    further: [
      { sign: '', label: 'Days between', figure: figure({ value: elapsedS, role: 'days' }) },
      { sign: '', label: 'A day', figure: figure({ value: kgPerDay, role: 'bottleMass' }) },
      ...(moneyPerWeek === null
        ? []
        : [
            {
              sign: '' as const,
              label: 'Money',
              figure: figure({ value: moneyPerWeek / 604_800, role: 'pricePerWeek' }),
            },
          ]),
      ...(emptyInS === null
        ? []
        : [{ sign: '' as const, label: 'Empty after', figure: figure({ value: emptyInS, role: 'days' }) }]),
    ],
  }
}
