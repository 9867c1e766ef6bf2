import type { HistoryEntry } from './History'
import { swapFindLabels } from '@/core/trip/usage/swap'
import type { StoredSwap } from '@/services/cylinders/cylinderEvents'
import { nameOfCylinder } from '@/services/cylinders/requireCylinder'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A swap as a line of the history of the cylinder that gave out. */
export function describeSwap(swap: StoredSwap): HistoryEntry {
  const other = swap.otherId === null ? undefined : nameOfCylinder(swap.otherId)
  const opened = other ? '; {other} opened' : ''
  const shut = other && swap.otherShut === true ? ', shut until then' : ''
  return {
    of: 'swap',
    id: swap.id,
    at: swap.swappedAt,
    what: sharedLabels.gaveOut,
    says: {
      text: `{found}${opened}${shut}`,
      parts: { found: swapFindLabels[swap.found], ...(other && { other }) },
    },
    voidReason: swap.voidReason,
  }
}
