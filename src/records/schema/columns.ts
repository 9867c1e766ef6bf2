import { integer, text } from 'drizzle-orm/sqlite-core'
import type { QuantitySources } from '@/core/base/provenance'

/** Accepted image types. */
export const photoTypes = ['image/jpeg', 'image/png', 'image/webp'] as const

/** How each quantity of a row is known; one that is not listed was entered. */
export const sourcesColumn = () => text({ mode: 'json' }).$type<QuantitySources>().notNull().default({})

/**
 * The columns of every event, beside the one that says when it happened. An event is voided with a reason, never
 * changed or erased.
 */
export const eventColumns = {
  voidedAt: text(),
  voidReason: text(),
  /** When it was saved; null when version 0.6.0 or an earlier one saved it. */
  recordedAt: text(),
  /** Grows with every event of the file, so that events of the same time keep their order; 0 as above. */
  sequence: integer().notNull().default(0),
}

/** What each picture has; its content is in photo_contents, or lost when there is no hash. */
export const photoColumns = {
  takenAt: text().notNull(),
  type: text({ enum: photoTypes }).notNull(),
  bytes: integer().notNull(),
  contentHash: text(),
}
