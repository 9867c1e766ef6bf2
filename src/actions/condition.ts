'use server'
import { write } from '@/records/write'

import { revalidatePath } from 'next/cache'
import { inspectionItems } from '@/core/cylinders/inspection/inspectionItems'
import { requalification } from '@/core/cylinders/dates/requalification'
import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import { z } from '@/core/base/zod'
import { findRuleSet, OWN_RULE_ID, ownRuleSchema } from '@/core/rules/dateRules'
import { markLetters } from '@/core/cylinders/stamps/stampReading'
import { InputError } from '@/core/base/InputError'
import { findCylinder, type CylinderWithGear } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { addInspection } from '@/records/repositories/cylinders/inspections'
import { addMark } from '@/records/repositories/cylinders/marks'
import { addPhoto } from '@/records/repositories/photos'
import { NotFoundError } from '@/records/RecordsError'
import { saveRig } from '@/records/repositories/rigs/rigs'
import { idField, monthField, noteField, reasonField, today, versionField } from '@/actions/shared/fields'
import { recordEvent } from '@/actions/shared/recordEvent'
import { act, type ActionResult } from '@/actions/shared/result'

function requireCylinder(id: string): CylinderWithGear {
  const cylinder = findCylinder(database(), id)
  if (!cylinder) throw new NotFoundError('cylinder')
  return cylinder
}

const markSchema = z.strictObject({
  cylinderId: idField,
  month: monthField,
  letter: z.enum(markLetters).nullable(),
  requalifier: z.string().trim().max(12).nullable(),
  form: z.enum(['stamp', 'sticker']),
  /** The picture's bytes in base64. */
  photo: z.string().max(1_000_000, 'The picture is too large.').nullable(),
})

/** Adds a requalification mark. */
export async function addMarkAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = ({ photo, ...entry }: z.output<typeof markSchema>, key?: string) => {
    const { gear } = requireCylinder(entry.cylinderId)
    const { fitness, kind } = gear
    const dateClass = findDateClass(kind, fitness.specification)
    if (dateClass === 'non-refillable') {
      throw new InputError('month', 'A bottle that is not refillable is never requalified.')
    }
    const enteredAt = new Date().toISOString()
    try {
      requalification({ ...fitness, dateClass, marks: [entry] }, fitness.rule, today().slice(0, 7))
    } catch (error) {
      if (error instanceof InputError) throw new InputError('month', error.message)
      throw error
    }
    const records = database()
    return write(records, () => {
      const kept = photo === null ? null : addPhoto(records, gear.id, Buffer.from(photo, 'base64'), enteredAt)
      return addMark(records, { ...entry, enteredAt, photoId: kept?.id ?? null }, key)
    })
  }
  return recordEvent('mark', markSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}

const lookSchema = z.strictObject({
  cylinderId: idField,
  answers: z.record(z.string().max(40), z.enum(['sound', 'bad'])),
  note: noteField,
})

/** Saves an inspection; bad items may put the cylinder out of service. */
export async function saveInspectionAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string }>> {
  const record = ({ cylinderId, answers, note }: z.output<typeof lookSchema>, key?: string) => {
    const { gear } = requireCylinder(cylinderId)
    const known = inspectionItems(gear.kind).map(({ id }) => id)
    const asked = Object.entries(answers).filter(([id]) => known.includes(id))
    if (asked.length === 0) throw new InputError('answers', 'Look at something first.')
    const lookedAt = new Date().toISOString()
    const entry = { cylinderId, lookedAt, answers: Object.fromEntries(asked), note, clearedBy: null }
    return addInspection(database(), entry, key)
  }
  return recordEvent('look-over', lookSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}

const clearSchema = z.strictObject({
  cylinderId: idField,
  clearedBy: z.string().trim().min(1, 'Say who looked at it.').max(80),
  note: reasonField,
})

/** Puts a cylinder back into service, cleared by a licensed person. */
export async function clearCylinderAction(input: unknown, requestKey?: unknown): Promise<ActionResult> {
  const record = ({ cylinderId, clearedBy, note }: z.output<typeof clearSchema>, key?: string) => {
    const { gear } = requireCylinder(cylinderId)
    if (gear.fitness.retiredBy === null) throw new InputError('clearedBy', 'It is in service.')
    return addInspection(
      database(),
      { cylinderId, lookedAt: new Date().toISOString(), answers: {}, note, clearedBy },
      key,
    )
  }
  return recordEvent('look-over', clearSchema, { input, requestKey }, record, () => null)
}

const ruleSchema = z.strictObject({
  rigId: idField,
  version: versionField,
  ruleSetId: z.string().max(40),
  ownRule: ownRuleSchema.nullable(),
})

/** Picks the date rules for the rig's cylinders. */
export async function saveRuleAction(input: unknown): Promise<ActionResult> {
  return act(ruleSchema, input, ({ rigId, version, ruleSetId, ownRule }) => {
    findRuleSet(ruleSetId, ownRule)
    // The numbers of the own rule stay when another rule is chosen.
    saveRig(database(), rigId, version, { ruleSetId, ...(ruleSetId === OWN_RULE_ID && { ownRule }) })
    revalidatePath('/', 'layout')
    return null
  })
}
