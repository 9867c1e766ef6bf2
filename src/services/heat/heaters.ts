import { heaterSchema } from '@/core/heat/heaters/heater'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import {
  addHeater,
  findHeater,
  listHeaters,
  saveHeater as saveRow,
  type StoredHeater,
} from '@/records/repositories/heat/heaters'
import { addManualPage, listManualPages, type StoredManualPage } from '@/records/repositories/photos'
import { factsOfRig } from '@/services/rigs/rigSnapshot'
import { saveRig } from '@/records/repositories/rigs/rigs'
import { findAppliance } from '@/records/repositories/trips/appliances'
import { write } from '@/records/write'
import { requireRig } from '@/services/rigs/rigs'
import {
  addOrSave,
  type ArchivedRow,
  idField,
  nameField,
  priceField,
  savedFields,
  versionField,
} from '@/services/shared/fields'

export type { StoredHeater }

/** The heaters of a rig, without those archived. */
export function heatersOf(rigId: string): StoredHeater[] {
  const records = database()
  const rows = listHeaters(records, rigId)
  const facts = factsOfRig(rigId)
  return facts ? rows.map(facts.heater) : rows
}

/** Photographed pages of a heater's manual, newest first. */
export function manualPagesOf(heaterId: string): StoredManualPage[] {
  return listManualPages(database(), heaterId)
}

export const heaterEntrySchema = z.strictObject({
  ...savedFields,
  name: nameField,
  applianceId: idField.nullable(),
  heater: heaterSchema,
  price: priceField.nullable(),
  lastsNights: z.number().positive('A heater lasts more than no night.').max(100_000).nullable(),
  /** A page of its manual, base64. */
  photo: z.string().max(1_000_000, 'The picture is too large.').nullable(),
})

/**
 * Saves a heater with its numbers, and a page of its manual.
 *
 * @throws InputError at the field that cannot be
 */
export function saveHeater(
  { id, rigId, version, photo, ...entry }: z.output<typeof heaterEntrySchema>,
  now: Date,
): { id: string } {
  if (entry.heater.lowW > entry.heater.highW) {
    throw new InputError('heater.lowW', 'The low setting burns no more than the high one.')
  }
  const records = database()
  requireRig(rigId)
  if (entry.applianceId !== null && !findAppliance(records, entry.applianceId)) throw new NotFoundError('appliance')
  if (id !== null && !findHeater(records, id)) throw new NotFoundError('heater')
  return write(records, () => {
    const saved = addOrSave(
      { id, version },
      () => addHeater(records, rigId, entry),
      (known, over) => saveRow(records, known, over, entry),
    )
    if (photo !== null) addManualPage(records, saved.id, Buffer.from(photo, 'base64'), now.toISOString())
    return { id: saved.id }
  })
}

/** A heater as it is saved. */
export function savedHeater(id: string): StoredHeater | undefined {
  return findHeater(database(), id)
}

/** Archives a heater; its places are no longer judged. */
export function archiveHeater({ id, version }: ArchivedRow, now: Date): null {
  saveRow(database(), id, version, { archivedAt: now.toISOString() })
  return null
}

export const heatlessSchema = z.strictObject({ rigId: idField, version: versionField, heatless: z.boolean() })

/** Saves whether anything heats the rig. */
export function saveHeatless({ rigId, version, heatless }: z.output<typeof heatlessSchema>): null {
  saveRig(database(), rigId, version, { heatless })
  return null
}
