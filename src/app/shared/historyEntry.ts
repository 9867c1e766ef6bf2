import type { Phrase } from '@/core/base/quantity'
import type { EventName } from '@/records/repositories/events'

/** One line of a history. */
export interface HistoryEntry {
  /** What is voided; null for what cannot be. */
  of: EventName | null
  id: string
  at: string
  what: string
  /** What it came to. */
  says: Phrase
  voidReason: string | null
}
