import type { HistoryEntry } from './History'
import { swapFindLabels } from '@/core/trip/usage/swap'
import { cylinderName } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import type { StoredSwap } from '@/records/repositories/trips/swaps'

/** A swap as a line of the history of the cylinder that gave out. */
export function describeSwap(swap: StoredSwap): HistoryEntry {
  const other = swap.otherId === null ? undefined : cylinderName(database(), swap.otherId)
  const opened = other ? '; {other} opened' : ''
  const shut = other && swap.otherShut === true ? ', shut until then' : ''
  return {
    of: 'swap',
    id: swap.id,
    at: swap.swappedAt,
    what: 'Gave out',
    says: {
      text: `{found}${opened}${shut}`,
      parts: { found: swapFindLabels[swap.found], ...(other && { other }) },
    },
    voidReason: swap.voidReason,
  }
}
