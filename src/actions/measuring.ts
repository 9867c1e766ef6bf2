'use server'

import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { fullMarks, gaugeLevel, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { z } from '@/core/base/zod'
import { heightLevel } from '@/core/cylinders/contents/heightLevel'
import { addLevel } from '@/records/repositories/cylinders/levels'
import { findCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { hangingField, idField, massField, sourceField } from '@/actions/shared/fields'
import { happenedAt, happenedAtField, recordEvent } from '@/actions/shared/recordEvent'
import type { ActionResult } from '@/actions/shared/result'

const weighingSchema = z.strictObject({
  cylinderId: idField,
  grossKg: massField,
  hangingKg: hangingField,
  source: sourceField,
  happenedAt: happenedAtField,
})

/** Appends a weighing, checked with the stored stamps. */
export async function recordWeighingAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; weighedAt: string }>> {
  const record = ({ happenedAt: chosen, ...entry }: z.output<typeof weighingSchema>, key?: string) => {
    const records = database()
    const cylinder = findCylinder(records, entry.cylinderId)
    if (!cylinder) throw new NotFoundError('cylinder')
    contents(contentsInput(cylinder.gear, entry))
    return addWeighing(records, { ...entry, weighedAt: happenedAt(chosen, new Date()) }, key)
  }
  return recordEvent('weighing', weighingSchema, { input, requestKey }, record, ({ id, weighedAt }) => ({
    id,
    weighedAt,
  }))
}

const levelSchema = z.strictObject({
  cylinderId: idField,
  temperatureK: z.number(),
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

/** Appends a reading of a gauge, a sensor or a warm-water line. */
export async function recordLevelAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = (
    { cylinderId, temperatureK, read, happenedAt: chosen }: z.output<typeof levelSchema>,
    key?: string,
  ) => {
    const records = database()
    const cylinder = findCylinder(records, cylinderId)
    if (!cylinder) throw new NotFoundError('cylinder')
    const liquidFraction =
      read.way === 'gauge' ? gaugeLevel(read.shown, read.fullMark) : heightLevel(read, read.heightM)
    massAtLevelKg('propane', cylinder.gear.waterCapacityKg, liquidFraction, temperatureK)
    const shown = read.way === 'gauge' ? read.shown : read.heightM
    const readAt = happenedAt(chosen, new Date())
    return addLevel(records, { cylinderId, readAt, way: read.way, shown, liquidFraction, temperatureK }, key)
  }
  return recordEvent('reading', levelSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}
