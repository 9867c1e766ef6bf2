'use server'

import { revalidatePath } from 'next/cache'
import { equipmentKinds } from '@/core/cylinders/equipment/equipment'
import { z } from '@/core/base/zod'
import { InputError } from '@/core/base/InputError'
import { database } from '@/records/database'
import {
  addEquipment,
  addEquipmentLook,
  findEquipment,
  saveEquipment,
} from '@/records/repositories/cylinders/equipment'
import { NotFoundError } from '@/records/RecordsError'
import { findRig } from '@/records/repositories/rigs/rigs'
import { idField, monthField, nameField, noteField, today, versionField } from '@/actions/shared/fields'
import { recordEvent } from '@/actions/shared/recordEvent'
import { act, type ActionResult } from '@/actions/shared/result'

const equipmentSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  kind: z.enum(equipmentKinds),
  name: nameField,
  madeMonth: monthField.nullable(),
  replaceByMonth: monthField.nullable(),
})

/** Saves a regulator, hose, alarm or extinguisher. */
export async function saveEquipmentAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(equipmentSchema, input, ({ id, rigId, version, ...entry }) => {
    if (entry.madeMonth !== null && entry.madeMonth > today().slice(0, 7)) {
      throw new InputError('madeMonth', 'That month has not come yet. Check the year.')
    }
    if (entry.madeMonth !== null && entry.replaceByMonth !== null && entry.replaceByMonth < entry.madeMonth) {
      throw new InputError('replaceByMonth', 'It cannot be over before it was made.')
    }
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const saved = id ?? addEquipment(records, rigId, entry).id
    if (id !== null) saveEquipment(records, id, version ?? 0, entry)
    revalidatePath('/', 'layout')
    return { id: saved }
  })
}

/** Puts it away: it leaves the lists, its looks stay. */
export async function archiveEquipmentAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    saveEquipment(database(), id, version, { archivedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return null
  })
}

const lookSchema = z.strictObject({ equipmentId: idField, sound: z.boolean(), note: noteField })

/** Saves an inspection of one item. */
export async function lookAtEquipmentAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  const record = (entry: z.output<typeof lookSchema>, key?: string) => {
    const records = database()
    if (!findEquipment(records, entry.equipmentId)) throw new NotFoundError('thing')
    return addEquipmentLook(records, { ...entry, lookedAt: new Date().toISOString() }, key)
  }
  return recordEvent('look', lookSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}
