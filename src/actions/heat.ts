'use server'

import { act, type ActionResult, rowById } from '@/actions/shared/act'
import { recordEvent } from '@/actions/shared/recordEvent'
import {
  archiveHeater,
  savedHeater,
  type StoredHeater,
  heaterEntrySchema,
  heatlessSchema,
  saveHeater,
  saveHeatless,
} from '@/services/heat/heaters'
import {
  archiveRoom,
  savedRoom,
  type StoredRoom,
  recordWarmUp,
  roomEntrySchema,
  saveRoom,
  warmUpSchema,
} from '@/services/heat/rooms'
import { archivedRowSchema } from '@/services/shared/fields'

/** Saves a room with its contents. */
export async function saveRoomAction(
  input: unknown,
): Promise<ActionResult<{ id: string; version: number }, StoredRoom>> {
  return act(roomEntrySchema, input, saveRoom, rowById(savedRoom))
}

/** Archives a room. */
export async function archiveRoomAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveRoom)
}

/** Saves a heater with its numbers, and a page of its manual. */
export async function saveHeaterAction(input: unknown): Promise<ActionResult<{ id: string }, StoredHeater>> {
  return act(heaterEntrySchema, input, saveHeater, rowById(savedHeater))
}

/** Archives a heater. */
export async function archiveHeaterAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveHeater)
}

/** Saves whether anything heats the rig. */
export async function saveHeatlessAction(input: unknown): Promise<ActionResult> {
  return act(heatlessSchema, input, saveHeatless)
}

/** Saves a warm-up log that can be fitted. */
export async function recordWarmUpAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  return recordEvent('warm-up', warmUpSchema, { input, requestKey }, recordWarmUp, ({ id }) => ({ id }))
}
