import { runSettingsSchema } from '@/core/run/runSettings'
import { forecastSchema } from '@/core/run/weather/forecast'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { listAppliances } from '@/records/repositories/trips/appliances'
import { saveTrip, tripFields } from '@/records/repositories/trips/trips'
import { write } from '@/records/write'
import { rowFields, tripUsesField } from '@/services/shared/fields'
import { keepVerdict } from '@/services/trips/keepVerdict'
import { requireTrip } from '@/services/trips/trips'

export const runSchema = z.strictObject({
  ...rowFields,
  settings: runSettingsSchema,
  forecast: forecastSchema.nullable(),
  uses: tripUsesField,
})

/**
 * Saves how a trip is run: its weather, habits, and how the cylinders are used. An appliance archived meanwhile is
 * removed from the trip.
 */
export function saveRun(
  { id, version, uses, ...entry }: z.output<typeof runSchema>,
  now: Date,
): { id: string; version: number } {
  const { row } = requireTrip(id)
  const records = database()
  const known = new Set(listAppliances(records, row.rigId).map((appliance) => appliance.id))
  const standing = uses.filter(({ applianceId }) => known.has(applianceId))
  write(records, () => {
    saveTrip(records, id, version, { ...tripFields(row), ...entry, uses: standing })
    keepVerdict(id, now)
  })
  return { id, version: version + 1 }
}
