import { applianceKinds } from '@/core/appliances/applianceKinds'
import { runtimeS } from '@/core/appliances/runtime'
import { supplies } from '@/core/cylinders/cylinderKind'
import { batterySchema } from '@/core/run/battery/battery'
import { InputError } from '@/core/base/InputError'
import { quantitySourcesSchema } from '@/core/base/provenance'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { findCylinder } from '@/records/repositories/cylinders/cylinders'
import { saveRig } from '@/records/repositories/rigs/rigs'
import {
  addAppliance,
  type Appliance,
  findAppliance,
  saveAppliance as saveRow,
} from '@/records/repositories/trips/appliances'
import { requireRig } from '@/services/rigs/rigs'
import { addOrSave, type ArchivedRow, idField, nameField, savedFields, versionField } from '@/services/shared/fields'

export type { Appliance }

export const applianceSchema = z.strictObject({
  ...savedFields,
  name: nameField,
  // The largest household appliance takes under 60 kW; more is a slipped unit.
  inputW: z.number().max(200_000, 'That is more than any camper burns. Check the unit.'),
  supply: z.enum(supplies),
  kind: z.enum(applianceKinds).default('other'),
  pilotW: z.number().min(0, 'A pilot burns no less than zero.').max(5000, 'No pilot burns so much.').default(0),
  currentA: z
    .number()
    .min(0, 'This cannot be less than zero.')
    .max(200, 'No wiring of a camper carries that.')
    .default(0),
  needsBattery: z.boolean().default(false),
  cylinderId: idField.nullable().default(null),
  /** With all burners at full, from its plate; null when nobody read it. */
  ratedInputW: z
    .number()
    .positive('An input is more than 0.')
    .max(200_000, 'That is more than any camper burns. Check the unit.')
    .nullable()
    .default(null),
  sources: quantitySourcesSchema.default({}),
})

/**
 * Saves an appliance: a new one without id, else over the given version.
 *
 * @throws InputError at the field that cannot be
 */
export function saveAppliance({ id, rigId, version, ...entry }: z.output<typeof applianceSchema>): { id: string } {
  // Core explains why an input of 0 is invalid.
  runtimeS(1, entry.inputW)
  requireRig(rigId)
  const records = database()
  if (entry.cylinderId !== null && findCylinder(records, entry.cylinderId)?.row.rigId !== rigId) {
    throw new InputError('cylinderId', 'This cylinder is no longer in the rig.')
  }
  const saved = addOrSave(
    { id, version },
    () => addAppliance(records, rigId, entry),
    (known, over) => saveRow(records, known, over, entry),
  )
  return { id: saved.id }
}

/** An appliance as it is saved. */
export function savedAppliance(id: string): Appliance | undefined {
  return findAppliance(database(), id)
}

/** Archives an appliance; trips that used it keep their record. */
export function archiveAppliance({ id, version }: ArchivedRow, now: Date): null {
  saveRow(database(), id, version, { archivedAt: now.toISOString() })
  return null
}

export const batteryEntrySchema = z.strictObject({
  rigId: idField,
  version: versionField,
  battery: batterySchema.nullable(),
})

/** Saves the rig’s 12 V battery; null for none or unknown. */
export function saveBattery({ rigId, version, battery }: z.output<typeof batteryEntrySchema>): null {
  requireRig(rigId)
  saveRig(database(), rigId, version, { battery })
  return null
}
