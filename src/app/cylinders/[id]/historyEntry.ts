import type { Phrase } from '@/core/findings/quantity'
import type { EventName } from '@/records/events'

/** One line of a cylinder's history. */
export interface HistoryEntry {
  of: EventName
  id: string
  at: string
  what: string
  /** What it came to. */
  says: Phrase
  voidReason: string | null
}
