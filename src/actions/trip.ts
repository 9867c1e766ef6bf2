'use server'

import { act, type ActionResult } from '@/actions/shared/act'
import { archivedRowSchema } from '@/services/shared/fields'
import {
  archiveTrip,
  copyTrip,
  savedTrip,
  saveTrip,
  type Trip,
  tripCopySchema,
  tripEntrySchema,
} from '@/services/trips/trips'

/** Saves a trip. */
export async function saveTripAction(input: unknown): Promise<ActionResult<{ id: string; version: number }, Trip>> {
  return act(tripEntrySchema, input, saveTrip, ({ id }) => (id === null ? undefined : savedTrip(id)))
}

/** The same trip on another day. */
export async function copyTripAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(tripCopySchema, input, copyTrip)
}

/** Archives a trip; what happened on it stays. */
export async function archiveTripAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveTrip)
}
