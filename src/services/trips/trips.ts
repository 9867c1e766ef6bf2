import { storedUses } from '@/core/run/tripPlan'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { listAppliances } from '@/records/repositories/trips/appliances'
import {
  addTrip,
  archiveTrip as archiveRow,
  findTrip,
  listTrips,
  saveTrip as saveRow,
  type Trip,
  tripFields,
  type TripWithPlan,
} from '@/records/repositories/trips/trips'
import { write } from '@/records/write'
import { requireRig } from '@/services/rigs/rigs'
import { addOrSave, type ArchivedRow, idField, savedFields, tripUsesField } from '@/services/shared/fields'
import { leavingDayField, requireTripPlace, storedAltitude, tripFieldsSchema } from '@/services/shared/tripFields'
import { keepVerdict } from './keepVerdict'

export type { Trip }

/** The trips of a rig, without those archived. */
export function tripsOf(rigId: string): Trip[] {
  return listTrips(database(), rigId)
}

/**
 * A trip of the records.
 *
 * @throws NotFoundError when there is none of this identifier
 */
export function requireTrip(id: string): TripWithPlan {
  const trip = findTrip(database(), id)
  if (!trip) throw new NotFoundError('trip')
  return trip
}

export const tripEntrySchema = tripFieldsSchema.extend({ ...savedFields, uses: tripUsesField })

/**
 * Saves a trip: a new one without id, else over the given version; its verdict is kept with it.
 *
 * @throws InputError at the field that cannot be
 */
export function saveTrip(
  { id, rigId, version, ...typed }: z.output<typeof tripEntrySchema>,
  now: Date,
): { id: string; version: number } {
  requireTripPlace(typed)
  const entry = { ...typed, ...storedAltitude(typed.altitudeM) }
  requireRig(rigId)
  const records = database()
  const known = new Set(listAppliances(records, rigId).map((appliance) => appliance.id))
  entry.uses.forEach(({ applianceId }, i) => {
    if (!known.has(applianceId))
      throw new InputError(`uses.${i}.applianceId`, 'This appliance is no longer in the rig.')
  })
  return write(records, () => {
    const saved = addOrSave(
      { id, version },
      () => addTrip(records, rigId, entry),
      (known, over) => saveRow(records, known, over, entry),
    )
    keepVerdict(saved.id, now)
    return saved
  })
}

/** A trip as it is saved. */
export function savedTrip(id: string): Trip | undefined {
  return findTrip(database(), id)?.row
}

export const tripCopySchema = z.strictObject({ id: idField, startDay: leavingDayField })

/** The same trip on another day: its hours, habits and settings, without its forecast and its answers. */
export function copyTrip({ id, startDay }: z.output<typeof tripCopySchema>): { id: string } {
  const { row, plan } = requireTrip(id)
  const { settings, rigId } = row
  const entry = { ...tripFields(row), settings, startDay, uses: storedUses(plan.uses) }
  return { id: addTrip(database(), rigId, entry).id }
}

/** Archives a trip; what happened on it stays. */
export function archiveTrip({ id, version }: ArchivedRow, now: Date): null {
  archiveRow(database(), id, version, now.toISOString())
  return null
}
