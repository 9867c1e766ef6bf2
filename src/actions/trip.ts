'use server'

import { act, type ActionResult, rowById } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import { beginningSchema, beginRig } from '@/services/rigs/beginRig'
import { archivedRowSchema } from '@/services/shared/fields'
import { acceptanceSchema, acceptFinding } from '@/services/trips/acceptFinding'
import { answerCalibration, calibrationSchema } from '@/services/trips/calibration'
import { keepingSchema, keepVerdict } from '@/services/trips/keepVerdict'
import { recordSwap, swapSchema } from '@/services/trips/recordSwap'
import {
  archiveTrip,
  copyTrip,
  savedTrip,
  saveTrip,
  type Trip,
  tripCopySchema,
  tripEntrySchema,
} from '@/services/trips/trips'

/** A rig with what its owner knows of it on the first evening. */
export async function beginAction(input: unknown): Promise<ActionResult<{ tripId: string | null }>> {
  return act(beginningSchema, input, beginRig)
}

/** Applies or refuses the calibration of a supply. */
export async function answerCalibrationAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  return recordEvent('lesson', calibrationSchema, { input, requestKey }, answerCalibration, ({ id }) => ({ id }))
}

/** Accepts a “fix first” of a trip as it is, with a reason. */
export async function acceptFindingAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('acceptance', acceptanceSchema, { input, requestKey }, acceptFinding, ({ id }) => ({ id }))
}

/** Keeps the present verdict with all that it is based on, unless the last one kept is equal. */
export async function keepVerdictAction(input: unknown): Promise<ActionResult<{ id: string; judgedAt: string }>> {
  return act(keepingSchema, input, ({ tripId }, now) => keepVerdict(tripId, now))
}

/** Appends a swap: which gave out, what it was found to be, and which was opened in its place. */
export async function recordSwapAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('swap', swapSchema, { input, requestKey }, recordSwap, ({ id }) => ({ id }))
}

/** Saves a trip. */
export async function saveTripAction(input: unknown): Promise<ActionResult<{ id: string; version: number }, Trip>> {
  return act(tripEntrySchema, input, saveTrip, rowById(savedTrip))
}

/** The same trip on another day. */
export async function copyTripAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(tripCopySchema, input, copyTrip)
}

/** Archives a trip; what happened on it stays. */
export async function archiveTripAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveTrip)
}
