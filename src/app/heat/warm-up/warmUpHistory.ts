import type { HistoryEntry } from '@/app/shared/History'
import { InputError } from '@/core/base/InputError'
import { warmUpFit } from '@/core/heat/warmth/warmUpFit'
import type { StoredWarmUp } from '@/services/heat/rooms'

/**
 * Warm-ups of a room as lines of a history.
 *
 * @param warmUps - newest first
 */
export function warmUpHistory(warmUps: readonly StoredWarmUp[]): HistoryEntry[] {
  return warmUps.map(({ id, loggedAt, log, settingKnown, voidReason }) => {
    const entry = { of: 'warm-up', id, at: loggedAt, what: 'Warm-up', voidReason } as const
    try {
      const { lossWPerK } = warmUpFit(log)
      return {
        ...entry,
        says: {
          text: settingKnown ? 'loses {loss}' : 'loses {loss}, its setting only supposed',
          parts: { loss: { value: lossWPerK, role: 'heatLoss' } },
        },
      }
    } catch (error) {
      if (error instanceof InputError) return { ...entry, says: { text: error.message } }
      throw error
    }
  })
}
