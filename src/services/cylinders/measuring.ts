import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { heightLevel } from '@/core/cylinders/contents/heightLevel'
import { liquidTemperature } from '@/core/cylinders/contents/liquidTemperature'
import { fullMarks, gaugeLevel, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { addLevel, type StoredLevel } from '@/records/repositories/cylinders/levels'
import { addWeighing, type StoredWeighing } from '@/records/repositories/cylinders/weighings'
import { hangingField, idField, massField, sourceField } from '@/services/shared/fields'
import { happenedAt, happenedAtField } from '@/services/shared/happenedAt'
import { requireCylinder } from './requireCylinder'

export const weighingSchema = z.strictObject({
  cylinderId: idField,
  grossKg: massField,
  hangingKg: hangingField,
  source: sourceField,
  happenedAt: happenedAtField,
})

/**
 * Appends a weighing, checked with the stored stamps.
 *
 * @throws InputError when the cylinder cannot weigh that
 */
export function recordWeighing(
  { happenedAt: chosen, ...entry }: z.output<typeof weighingSchema>,
  now: Date,
  key?: string,
): StoredWeighing {
  contents(contentsInput(requireCylinder(entry.cylinderId).gear, entry))
  return addWeighing(database(), { ...entry, weighedAt: happenedAt(chosen, now) }, key)
}

export const levelSchema = z.strictObject({
  cylinderId: idField,
  /** Null when nobody measured it. */
  temperatureK: z.number().nullable(),
  happenedAt: happenedAtField,
  read: z.discriminatedUnion('way', [
    z.strictObject({ way: z.literal('gauge'), shown: z.number(), fullMark: z.enum(fullMarks) }),
    z.strictObject({
      way: z.literal('height'),
      heightM: z.number(),
      stands: z.enum(['upright', 'lying']),
      diameterM: z.number(),
      lengthM: z.number(),
    }),
  ]),
})

/**
 * Appends a reading of a gauge, a sensor or a warm-water line.
 *
 * @throws InputError when the cylinder cannot hold that
 */
export function recordLevel(
  { cylinderId, temperatureK: measuredK, read, happenedAt: chosen }: z.output<typeof levelSchema>,
  now: Date,
  key?: string,
): StoredLevel {
  const { gear } = requireCylinder(cylinderId)
  const liquidFraction = read.way === 'gauge' ? gaugeLevel(read.shown, read.fullMark) : heightLevel(read, read.heightM)
  const liquid = liquidTemperature(measuredK)
  massAtLevelKg('propane', gear.waterCapacityKg, liquidFraction, liquid.temperatureK)
  const shown = read.way === 'gauge' ? read.shown : read.heightM
  const readAt = happenedAt(chosen, now)
  return addLevel(database(), { cylinderId, readAt, way: read.way, shown, liquidFraction, ...liquid }, key)
}
