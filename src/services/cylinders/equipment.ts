import { equipmentKinds } from '@/core/cylinders/equipment/equipment'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import {
  addEquipment,
  addEquipmentLook,
  findEquipment,
  saveEquipment as saveRow,
  type StoredEquipment,
  type StoredEquipmentLook,
} from '@/records/repositories/cylinders/equipment'
import { requireRig } from '@/services/rigs/rigs'
import {
  addOrSave,
  type ArchivedRow,
  idField,
  monthField,
  nameField,
  noteField,
  requireMadeMonth,
  savedFields,
} from '@/services/shared/fields'

export type { StoredEquipment }

export const equipmentSchema = z.strictObject({
  ...savedFields,
  kind: z.enum(equipmentKinds),
  name: nameField,
  madeMonth: monthField.nullable(),
  replaceByMonth: monthField.nullable(),
})

/**
 * Saves a regulator, hose, alarm or extinguisher.
 *
 * @throws InputError at the field of a month that cannot be
 */
export function saveEquipment(
  { id, version, rigId, ...entry }: z.output<typeof equipmentSchema>,
  now: Date,
): { id: string } {
  requireMadeMonth('madeMonth', entry.madeMonth, now)
  if (entry.madeMonth !== null && entry.replaceByMonth !== null && entry.replaceByMonth < entry.madeMonth) {
    throw new InputError('replaceByMonth', 'It cannot be over before it was made.')
  }
  requireRig(rigId)
  const saved = addOrSave(
    { id, version },
    () => addEquipment(database(), rigId, entry),
    (known, over) => saveRow(database(), known, over, entry),
  )
  return { id: saved.id }
}

/** Equipment as it is saved. */
export function savedEquipment(id: string): StoredEquipment | undefined {
  return findEquipment(database(), id)
}

/** Archives it: it leaves the lists, its looks stay. */
export function archiveEquipment({ id, version }: ArchivedRow, now: Date): null {
  saveRow(database(), id, version, { archivedAt: now.toISOString() })
  return null
}

export const equipmentLookSchema = z.strictObject({ equipmentId: idField, sound: z.boolean(), note: noteField })

/** Appends an inspection of one item. */
export function recordEquipmentLook(
  entry: z.output<typeof equipmentLookSchema>,
  now: Date,
  key?: string,
): StoredEquipmentLook {
  if (!findEquipment(database(), entry.equipmentId)) throw new NotFoundError('thing')
  return addEquipmentLook(database(), { ...entry, lookedAt: now.toISOString() }, key)
}
