'use server'
import { write } from '@/records/write'

import { revalidatePath } from 'next/cache'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { heaterSchema } from '@/core/heat/heaters/heater'
import { requireRoom } from '@/core/heat/room/requireRoom'
import { warmUpFit, warmUpFitSchema } from '@/core/heat/warmth/warmUpFit'
import { roomPlanSchema } from '@/core/heat/room/roomPlan'
import { findAppliance } from '@/records/repositories/trips/appliances'
import { database } from '@/records/database'
import { addHeater, findHeater, saveHeater } from '@/records/repositories/heat/heaters'
import { addManualPage } from '@/records/repositories/photos'
import { NotFoundError } from '@/records/RecordsError'
import { findRig, saveRig } from '@/records/repositories/rigs/rigs'
import { addRoom, addWarmUp, findRoom, saveRoom } from '@/records/repositories/heat/rooms'
import { idField, nameField, priceField, versionField } from '@/actions/shared/fields'
import { recordEvent } from '@/actions/shared/recordEvent'
import { act, type ActionResult } from '@/actions/shared/result'

const roomSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  shelter: roomPlanSchema,
})

/** Saves a room with its contents: a new one without id, else over the given version. */
export async function saveRoomAction(input: unknown): Promise<ActionResult<{ id: string; version: number }>> {
  return act(roomSchema, input, ({ id, rigId, version, ...entry }) => {
    // An impossible room is refused; a dangerous one is saved and judged.
    requireRoom(entry.shelter.room)
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const saved = id ?? addRoom(records, rigId, entry).id
    if (id !== null) saveRoom(records, id, version ?? 0, entry)
    revalidatePath('/', 'layout')
    return { id: saved, version: id === null ? 1 : (version ?? 0) + 1 }
  })
}

/** Puts a room away: it leaves the lists, its warm-ups stay. */
export async function archiveRoomAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    if (!findRoom(database(), id)) throw new NotFoundError('room')
    saveRoom(database(), id, version, { archivedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return null
  })
}

const saveHeaterSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  applianceId: idField.nullable(),
  heater: heaterSchema,
  price: priceField.nullable(),
  lastsNights: z.number().positive('A heater lasts more than no night.').max(100_000).nullable(),
  /** A page of its manual, base64. */
  photo: z.string().max(1_000_000, 'The picture is too large.').nullable(),
})

/** Saves a heater with its numbers, and a page of its manual. */
export async function saveHeaterAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(saveHeaterSchema, input, ({ id, rigId, version, photo, ...entry }) => {
    if (entry.heater.lowW > entry.heater.highW) {
      throw new InputError('heater.lowW', 'The low setting burns no more than the high one.')
    }
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    if (entry.applianceId !== null && !findAppliance(records, entry.applianceId)) throw new NotFoundError('appliance')
    if (id !== null && !findHeater(records, id)) throw new NotFoundError('heater')
    const saved = write(records, () => {
      const kept = id ?? addHeater(records, rigId, entry).id
      if (id !== null) saveHeater(records, id, version ?? 0, entry)
      if (photo !== null) addManualPage(records, kept, Buffer.from(photo, 'base64'), new Date().toISOString())
      return kept
    })
    revalidatePath('/', 'layout')
    return { id: saved }
  })
}

/** Archives a heater; its places are no longer judged. */
export async function archiveHeaterAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    saveHeater(database(), id, version, { archivedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return null
  })
}

/** Saves whether anything heats the rig. */
export async function saveHeatlessAction(input: unknown): Promise<ActionResult> {
  const schema = z.strictObject({ rigId: idField, version: versionField, heatless: z.boolean() })
  return act(schema, input, ({ rigId, version, heatless }) => {
    saveRig(database(), rigId, version, { heatless })
    revalidatePath('/', 'layout')
    return null
  })
}

const warmUpSchema = z.strictObject({ roomId: idField, settingKnown: z.boolean(), log: warmUpFitSchema })

/** Saves a warm-up log that can be fitted. */
export async function recordWarmUpAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = ({ roomId, settingKnown, log }: z.output<typeof warmUpSchema>, key?: string) => {
    warmUpFit(log)
    if (!findRoom(database(), roomId)) throw new NotFoundError('room')
    return addWarmUp(database(), { roomId, settingKnown, log, loggedAt: new Date().toISOString() }, key)
  }
  return recordEvent('warm-up', warmUpSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}
