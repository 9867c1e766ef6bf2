'use server'

import { revalidatePath } from 'next/cache'
import { z } from '@/core/base/zod'
import { storedUses } from '@/core/run/tripPlan'
import { InputError } from '@/core/base/InputError'
import { listAppliances } from '@/records/repositories/trips/appliances'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { findRig } from '@/records/repositories/rigs/rigs'
import { addTrip, archiveTrip, findTrip, saveTrip, tripFields } from '@/records/repositories/trips/trips'
import { idField, tripUsesField, versionField } from '@/actions/shared/fields'
import { write } from '@/records/write'
import { keepVerdict } from '@/services/trips/keepVerdict'
import { act, type ActionResult } from '@/actions/shared/result'
import { dayField, requireTripPlace, tripFieldsSchema } from '@/actions/shared/tripFields'

const tripSchema = tripFieldsSchema.extend({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  uses: tripUsesField,
})

/** Saves a trip: a new one without an identifier, else over the version named. */
export async function saveTripAction(input: unknown): Promise<ActionResult<{ id: string; version: number }>> {
  return act(tripSchema, input, ({ id, rigId, version, ...entry }) => {
    requireTripPlace(entry)
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const known = new Set(listAppliances(records, rigId).map((appliance) => appliance.id))
    entry.uses.forEach(({ applianceId }, i) => {
      if (!known.has(applianceId))
        throw new InputError(`uses.${i}.applianceId`, 'This appliance is no longer in the rig.')
    })
    const saved = write(records, () => {
      const trip = id === null ? addTrip(records, rigId, entry) : { id, version: (version ?? 0) + 1 }
      if (id !== null) saveTrip(records, id, version ?? 0, entry)
      keepVerdict(trip.id, new Date())
      return trip
    })
    revalidatePath('/', 'layout')
    return { id: saved.id, version: saved.version }
  })
}

/** The same trip on another day: its hours, habits and settings, without its forecast and its answers. */
export async function copyTripAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(z.strictObject({ id: idField, startDay: dayField }), input, ({ id, startDay }) => {
    const records = database()
    const trip = findTrip(records, id)
    if (!trip) throw new NotFoundError('trip')
    const { settings } = trip.row
    const copied = addTrip(records, trip.row.rigId, {
      ...tripFields(trip.row),
      settings,
      startDay,
      uses: storedUses(trip.plan.uses),
    })
    revalidatePath('/', 'layout')
    return { id: copied.id }
  })
}

/** Puts a trip away; what happened on it stays. */
export async function archiveTripAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    archiveTrip(database(), id, version, new Date().toISOString())
    revalidatePath('/', 'layout')
    return null
  })
}
