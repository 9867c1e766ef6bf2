import { requireRoom } from '@/core/heat/room/requireRoom'
import { roomPlanSchema } from '@/core/heat/room/roomPlan'
import { warmUpFit, warmUpFitSchema } from '@/core/heat/warmth/warmUpFit'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import {
  addRoom,
  addWarmUp,
  findRoom,
  listRooms,
  listWarmUps,
  saveRoom as saveRow,
  type StoredRoom,
  type StoredWarmUp,
} from '@/records/repositories/heat/rooms'
import { requireRig } from '@/services/rigs/rigs'
import { addOrSave, type ArchivedRow, idField, nameField, savedFields } from '@/services/shared/fields'

export type { StoredRoom, StoredWarmUp }

/** The rooms of a rig, without those archived. */
export function roomsOf(rigId: string): StoredRoom[] {
  return listRooms(database(), rigId)
}

/** Warm-up logs of a room, newest first, including voided ones. */
export function warmUpsOf(roomId: string): StoredWarmUp[] {
  return listWarmUps(database(), roomId)
}

function requireStoredRoom(id: string): void {
  if (!findRoom(database(), id)) throw new NotFoundError('room')
}

export const roomEntrySchema = z.strictObject({ ...savedFields, name: nameField, shelter: roomPlanSchema })

/**
 * Saves a room with its contents: a new one without id, else over the given version. An impossible room is refused;
 * a dangerous one is saved and judged.
 *
 * @throws InputError at the field that cannot be
 */
export function saveRoom({ id, rigId, version, ...entry }: z.output<typeof roomEntrySchema>): {
  id: string
  version: number
} {
  requireRoom(entry.shelter.room)
  requireRig(rigId)
  return addOrSave(
    { id, version },
    () => addRoom(database(), rigId, entry),
    (known, over) => saveRow(database(), known, over, entry),
  )
}

/** A room as it is saved. */
export function savedRoom(id: string): StoredRoom | undefined {
  return findRoom(database(), id)
}

/** Archives a room: it leaves the lists, its warm-ups stay. */
export function archiveRoom({ id, version }: ArchivedRow, now: Date): null {
  requireStoredRoom(id)
  saveRow(database(), id, version, { archivedAt: now.toISOString() })
  return null
}

export const warmUpSchema = z.strictObject({ roomId: idField, settingKnown: z.boolean(), log: warmUpFitSchema })

/**
 * Appends a warm-up log.
 *
 * @throws InputError at `log` when it cannot be fitted
 */
export function recordWarmUp(
  { roomId, settingKnown, log }: z.output<typeof warmUpSchema>,
  now: Date,
  key?: string,
): StoredWarmUp {
  warmUpFit(log)
  requireStoredRoom(roomId)
  return addWarmUp(database(), { roomId, settingKnown, log, loggedAt: now.toISOString() }, key)
}
