'use server'

import { revalidatePath } from 'next/cache'
import { supplies } from '@/core/cylinders/cylinderKind'
import { z } from '@/core/base/zod'
import { runtimeS } from '@/core/appliances/runtime'
import { batterySchema } from '@/core/run/battery/battery'
import { forecastSchema } from '@/core/run/weather/forecast'
import { InputError } from '@/core/base/InputError'
import { applianceKinds } from '@/core/appliances/applianceKinds'
import { runSettingsSchema } from '@/core/run/runSettings'
import { addAppliance, listAppliances, saveAppliance } from '@/records/repositories/trips/appliances'
import { findCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { findRig, saveRig } from '@/records/repositories/rigs/rigs'
import { findTrip, saveTrip, tripFields } from '@/records/repositories/trips/trips'
import { idField, nameField, tripUsesField, versionField } from '@/actions/shared/fields'
import { write } from '@/records/write'
import { keepVerdict } from '@/services/trips/keepVerdict'
import { act, type ActionResult } from '@/actions/shared/result'

const applianceSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  // The largest household appliance takes under 60 kW; more is a slipped unit.
  inputW: z.number().max(200_000, 'That is more than any camper burns. Check the unit.'),
  supply: z.enum(supplies),
  kind: z.enum(applianceKinds).default('other'),
  pilotW: z.number().min(0, 'A pilot burns no less than nothing.').max(5000, 'No pilot burns so much.').default(0),
  currentA: z
    .number()
    .min(0, 'This cannot be less than nothing.')
    .max(200, 'No wiring of a camper carries that.')
    .default(0),
  needsBattery: z.boolean().default(false),
  cylinderId: idField.nullable().default(null),
})

/** Saves an appliance: a new one without id, else over the given version. */
export async function saveApplianceAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(applianceSchema, input, ({ id, rigId, version, ...entry }) => {
    // Core explains why an input of 0 is invalid.
    runtimeS(1, entry.inputW)
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    if (entry.cylinderId !== null && findCylinder(records, entry.cylinderId)?.row.rigId !== rigId) {
      throw new InputError('cylinderId', 'This cylinder is no longer in the rig.')
    }
    const saved = id === null ? addAppliance(records, rigId, entry).id : id
    if (id !== null) saveAppliance(records, id, version ?? 0, entry)
    revalidatePath('/', 'layout')
    return { id: saved }
  })
}

const runSchema = z.strictObject({
  id: idField,
  version: versionField,
  settings: runSettingsSchema,
  forecast: forecastSchema.nullable(),
  uses: tripUsesField,
})

/** Saves how a trip is run: its weather, habits, and how the cylinders are used. */
export async function saveRunAction(input: unknown): Promise<ActionResult<{ id: string; version: number }>> {
  return act(runSchema, input, ({ id, version, uses, ...entry }) => {
    const records = database()
    const trip = findTrip(records, id)
    if (!trip) throw new NotFoundError('trip')
    const known = new Set(listAppliances(records, trip.row.rigId).map((appliance) => appliance.id))
    // An appliance archived meanwhile is removed from the trip.
    const standing = uses.filter(({ applianceId }) => known.has(applianceId))
    write(records, () => {
      saveTrip(records, id, version, { ...tripFields(trip.row), ...entry, uses: standing })
      keepVerdict(id, new Date())
    })
    revalidatePath('/', 'layout')
    return { id, version: version + 1 }
  })
}

/** Saves the rig’s 12 V battery; null for none or unknown. */
export async function saveBatteryAction(input: unknown): Promise<ActionResult> {
  const schema = z.strictObject({ rigId: idField, version: versionField, battery: batterySchema.nullable() })
  return act(schema, input, ({ rigId, version, battery }) => {
    if (!findRig(database(), rigId)) throw new NotFoundError('rig')
    saveRig(database(), rigId, version, { battery })
    revalidatePath('/', 'layout')
    return null
  })
}

/** Archives an appliance; trips that used it keep their record. */
export async function archiveApplianceAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    saveAppliance(database(), id, version, { archivedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return null
  })
}
