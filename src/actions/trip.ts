'use server'

import { isValid, parseISO } from 'date-fns'
import { revalidatePath } from 'next/cache'
import { z } from '@/core/findings/schema'
import { requireTemperature } from '@/core/fluids/requireTemperature'
import { standardAtmospherePa } from '@/core/fluids/standardAtmospherePa'
import { InputError } from '@/core/findings/InputError'
import { listAppliances } from '@/records/appliances'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { addRig, findRig } from '@/records/rigs'
import { addTrip, archiveTrip, findTrip, saveTrip, tripFields } from '@/records/trips'
import { idField, nameField, tripUsesField, versionField } from './fields'
import { act, type ActionResult } from './result'

const dayField = z
  .string()
  .regex(/^\d{4}-\d\d-\d\d$/, 'Choose the day you leave.')
  .refine((day) => isValid(parseISO(day)), 'There is no such day.')

const tripSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  startDay: dayField,
  nights: z
    .int('A trip has a whole number of nights.')
    .min(1, 'A trip has one night or more.')
    .max(366, 'Plan a year at most.'),
  altitudeM: z.number(),
  coldestK: z.number().nullable(),
  reserveShare: z.number().min(0, 'The reserve cannot be less than nothing.').max(1, 'The reserve is at most 100 %.'),
  uses: tripUsesField,
})

function requireColdest(coldestK: number | null): void {
  if (coldestK === null) return
  try {
    requireTemperature('propane', coldestK)
  } catch (error) {
    if (error instanceof InputError) throw new InputError('coldestK', error.message)
    throw error
  }
}

/** Saves a trip: a new one without an identifier, else over the version named. */
export async function saveTripAction(input: unknown): Promise<ActionResult<{ id: string; version: number }>> {
  return act(tripSchema, input, ({ id, rigId, version, ...entry }) => {
    standardAtmospherePa(entry.altitudeM)
    requireColdest(entry.coldestK)
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const known = new Set(listAppliances(records, rigId).map((appliance) => appliance.id))
    entry.uses.forEach(({ applianceId }, i) => {
      if (!known.has(applianceId))
        throw new InputError(`uses.${i}.applianceId`, 'This appliance is no longer in the rig.')
    })
    const saved = id === null ? addTrip(records, rigId, entry) : { id, version: (version ?? 0) + 1 }
    if (id !== null) saveTrip(records, id, version ?? 0, entry)
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
    const uses = trip.plan.uses.map(({ id: applianceId, burnPerDayS, habit, byNight }) => ({
      applianceId,
      burnPerDayS,
      habit,
      byNight,
    }))
    const { settings } = trip.row
    const copied = addTrip(records, trip.row.rigId, { ...tripFields(trip.row), settings, startDay, uses })
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

/** The first rig of an empty database. */
export async function addRigAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(z.strictObject({ name: nameField }), input, ({ name }) => {
    const { id } = addRig(database(), name)
    revalidatePath('/', 'layout')
    return { id }
  })
}
