'use server'
import { write } from '@/records/write'

import { revalidatePath } from 'next/cache'
import { contents } from '@/core/cylinders/contents/contents'
import { cylinderKinds, kindFacts } from '@/core/cylinders/cylinderKind'
import { fullMarks } from '@/core/cylinders/contents/liquidLevel'
import { requalification } from '@/core/cylinders/dates/requalification'
import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { z } from '@/core/base/zod'
import { stampWarnings } from '@/core/cylinders/stamps/stampWarnings'
import { markLetters } from '@/core/cylinders/stamps/stampReading'
import { InputError } from '@/core/base/InputError'
import { ruleOf } from '@/records/repositories/cylinders/cylinderFitness'
import { addCylinder, findCylinder, saveCylinder } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { addMark } from '@/records/repositories/cylinders/marks'
import { NotFoundError } from '@/records/RecordsError'
import { findRig } from '@/records/repositories/rigs/rigs'
import { idField, massField, monthField, nameField, reasonField, today, versionField } from '@/actions/shared/fields'
import { act, type ActionResult } from '@/actions/shared/result'

const markSchema = z.strictObject({
  month: monthField,
  letter: z.enum(markLetters).nullable(),
  requalifier: z.string().max(12).nullable(),
})

const cylinderSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  kind: z.enum(cylinderKinds),
  /** 0 for a fixed tank, which is never weighed. */
  tareKg: z
    .number()
    .min(0, 'This cannot weigh less than nothing.')
    .max(1000, 'That is heavier than any cylinder. Check the unit.'),
  waterCapacityKg: massField,
  labelNetKg: massField.nullable(),
  manufacturedMonth: monthField.nullable(),
  specification: z.string().trim().max(40).nullable(),
  stampsText: z.string().trim().max(400).nullable(),
  overfillStop: z.enum(['yes', 'no', 'unknown']),
  labelIntervalMonths: z.int().min(1).max(600).nullable(),
  endOfLifeMonth: monthField.nullable(),
  ruleSetId: z.string().max(40).nullable(),
  ruleReason: reasonField.nullable(),
  reliefGaugePa: z.number().positive('A relief valve opens above nothing.').nullable(),
  fullMark: z.enum(fullMarks).nullable(),
  aboard: z.boolean(),
  /** Requalifications read from the collar. */
  marks: z.array(markSchema).max(20),
  /** The owner looked again at stamps that were doubted. */
  confirmed: z.boolean(),
})

type Checked = z.output<typeof cylinderSchema>

function requireSense(entry: Checked, thisMonth: string): void {
  const { kind, tareKg, manufacturedMonth } = entry
  // The empty cylinder must make sense before anything is weighed on it.
  if (kind === 'onboard') waterCapacityVolumeM3(entry.waterCapacityKg)
  else contents({ ...entryWeights(entry), gas: kindFacts[kind].gas, grossKg: tareKg })
  if (manufacturedMonth !== null && manufacturedMonth > thisMonth) {
    throw new InputError('manufacturedMonth', 'That month has not come yet. Check the year.')
  }
  const [doubt] = stampWarnings(entry)
  if (doubt && !entry.confirmed) {
    throw new InputError(doubt.path, 'Look at the collar again, and confirm that it is stamped so.')
  }
  if (entry.ruleSetId !== null && entry.ruleReason === null) {
    throw new InputError('ruleReason', 'Say why this cylinder goes by another rule than the rig.')
  }
}

function entryWeights({ tareKg, waterCapacityKg, labelNetKg }: Checked) {
  return { tareKg, waterCapacityKg, labelNetKg }
}

/** Saves a cylinder's stamps: a new one without id, else over the given version. Marks are added. */
export async function saveCylinderAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(cylinderSchema, input, (checked) => {
    const { id, rigId, version, marks, confirmed, ...rest } = checked
    const now = new Date().toISOString()
    requireSense(checked, today().slice(0, 7))
    const records = database()
    const rig = findRig(records, rigId)
    if (!rig) throw new NotFoundError('rig')
    const entry = { ...rest, tareKg: rest.kind === 'onboard' ? 0 : rest.tareKg }
    const dates = { ...entry, dateClass: findDateClass(entry.kind, entry.specification), marks }
    requalification(dates, ruleOf(rig, entry), today().slice(0, 7))
    const stored = id === null ? undefined : findCylinder(records, id)
    if (entry.aboard && stored?.gear.fitness.refilledAt) {
      throw new InputError('aboard', 'It was refilled and is not made for it: no trip may carry it.')
    }
    const saved = write(records, () => {
      const cylinderId = id ?? addCylinder(records, rigId, entry).id
      if (id !== null) saveCylinder(records, id, version ?? 0, entry)
      const known = stored?.gear.fitness.marks ?? []
      for (const mark of marks) {
        if (known.some(({ month, letter }) => month === mark.month && letter === mark.letter)) continue
        addMark(records, { ...mark, cylinderId, enteredAt: now, form: 'stamp', photoId: null })
      }
      return cylinderId
    })
    revalidatePath('/', 'layout')
    return { id: saved }
  })
}

/** Puts a cylinder away: it leaves the lists, its history stays. */
export async function archiveCylinderAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    saveCylinder(database(), id, version, { archivedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return null
  })
}
