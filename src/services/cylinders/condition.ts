import { inspectionItems } from '@/core/cylinders/inspection/inspectionItems'
import { requalification } from '@/core/cylinders/dates/requalification'
import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import { markLetters } from '@/core/cylinders/stamps/stampReading'
import { atField, InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { addInspection, type StoredInspection } from '@/records/repositories/cylinders/inspections'
import { addMark, type StoredMark } from '@/records/repositories/cylinders/marks'
import { addPhoto } from '@/records/repositories/photos'
import { write } from '@/records/write'
import { idField, monthField, monthOf, noteField, reasonField } from '@/services/shared/fields'
import { requireCylinder } from './requireCylinder'

export const markSchema = z.strictObject({
  cylinderId: idField,
  month: monthField,
  letter: z.enum(markLetters).nullable(),
  requalifier: z.string().trim().max(12).nullable(),
  form: z.enum(['stamp', 'sticker']),
  /** The picture's bytes in base64. */
  photo: z.string().max(1_000_000, 'The picture is too large.').nullable(),
})

/**
 * Adds a requalification mark.
 *
 * @throws InputError at `month` for a mark that the cylinder cannot have
 */
export function recordMark({ photo, ...entry }: z.output<typeof markSchema>, now: Date, key?: string): StoredMark {
  const { gear } = requireCylinder(entry.cylinderId)
  const { fitness, kind } = gear
  const dateClass = findDateClass(kind, fitness.specification, fitness)
  if (dateClass === 'non-refillable') {
    throw new InputError('month', 'A bottle that is not refillable is never requalified.')
  }
  atField('month', () => requalification({ ...fitness, dateClass, marks: [entry] }, fitness.rule, monthOf(now)))
  const records = database()
  const enteredAt = now.toISOString()
  return write(records, () => {
    const kept = photo === null ? null : addPhoto(records, gear.id, Buffer.from(photo, 'base64'), enteredAt)
    return addMark(records, { ...entry, enteredAt, photoId: kept?.id ?? null }, key)
  })
}

export const inspectionSchema = z.strictObject({
  cylinderId: idField,
  answers: z.record(z.string().max(40), z.enum(['sound', 'bad'])),
  note: noteField,
})

/**
 * Appends an inspection; bad items may put the cylinder out of service.
 *
 * @throws InputError at `answers` when nothing was answered
 */
export function recordInspection(
  { cylinderId, answers, note }: z.output<typeof inspectionSchema>,
  now: Date,
  key?: string,
): StoredInspection {
  const { gear } = requireCylinder(cylinderId)
  const known = inspectionItems(gear.kind).map(({ id }) => id)
  const asked = Object.entries(answers).filter(([id]) => known.includes(id))
  if (asked.length === 0) throw new InputError('answers', 'Look at something first.')
  const entry = { cylinderId, lookedAt: now.toISOString(), answers: Object.fromEntries(asked), note, clearedBy: null }
  return addInspection(database(), entry, key)
}

export const clearanceSchema = z.strictObject({
  cylinderId: idField,
  clearedBy: z.string().trim().min(1, 'Say who looked at it.').max(80),
  note: reasonField,
})

/**
 * Puts a cylinder back into service, cleared by a licensed person.
 *
 * @throws InputError at `clearedBy` when it is in service
 */
export function clearCylinder(
  { cylinderId, clearedBy, note }: z.output<typeof clearanceSchema>,
  now: Date,
  key?: string,
): StoredInspection {
  const { gear } = requireCylinder(cylinderId)
  if (gear.fitness.retiredBy === null) throw new InputError('clearedBy', 'It is in service.')
  return addInspection(database(), { cylinderId, lookedAt: now.toISOString(), answers: {}, note, clearedBy }, key)
}
