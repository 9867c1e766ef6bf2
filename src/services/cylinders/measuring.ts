import { assumed, type QuantitySources } from '@/core/base/provenance'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { liftedLevel, lifts } from '@/core/cylinders/contents/liftedLevel'
import { usualShape } from '@/core/vaporization/vessel'
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
      /** Both null for the usual shape of its size. */
      diameterM: z.number().nullable(),
      lengthM: z.number().nullable(),
    }),
    z.strictObject({ way: z.literal('lifted'), lift: z.enum(lifts) }),
  ]),
})

/** Level that a reading tells, and how it is known. */
function levelOfReading(
  { waterCapacityKg }: CylinderGear,
  read: z.output<typeof levelSchema>['read'],
): { shown: number; liquidFraction: number; sources: QuantitySources } {
  switch (read.way) {
    case 'gauge':
      return { shown: read.shown, liquidFraction: gaugeLevel(read.shown, read.fullMark), sources: {} }
    case 'lifted': {
      const { liquidFraction, lowest, highest } = liftedLevel(read.lift)
      return { shown: liquidFraction, liquidFraction, sources: { liquidFraction: assumed(lowest, highest) } }
    }
    case 'height': {
      const { heightM, stands, diameterM, lengthM } = read
      const isMeasured = diameterM !== null && lengthM !== null
      const shape = isMeasured ? { stands, diameterM, lengthM } : usualShape(waterCapacityKg)
      const liquidFraction = heightLevel(shape, heightM)
      return { shown: heightM, liquidFraction, sources: isMeasured ? {} : { liquidFraction: assumed() } }
    }
  }
}

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
  const { shown, liquidFraction, sources } = levelOfReading(gear, read)
  const liquid = liquidTemperature(measuredK)
  massAtLevelKg('propane', gear.waterCapacityKg, liquidFraction, liquid.temperatureK)
  const readAt = happenedAt(chosen, now)
  const known = { ...liquid, sources: { ...liquid.sources, ...sources } }
  return addLevel(database(), { cylinderId, readAt, way: read.way, shown, liquidFraction, ...known }, key)
}
