import { contents } from '@/core/cylinders/contents/contents'
import { fullMarks } from '@/core/cylinders/contents/liquidLevel'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { cylinderKinds, kindFacts } from '@/core/cylinders/cylinderKind'
import { requalification } from '@/core/cylinders/dates/requalification'
import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import { markLetters } from '@/core/cylinders/stamps/stampReading'
import { stampWarnings } from '@/core/cylinders/stamps/stampWarnings'
import { InputError } from '@/core/base/InputError'
import { quantitySourcesSchema } from '@/core/base/provenance'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { ruleOf } from '@/records/repositories/cylinders/cylinderFitness'
import { addCylinder, type Cylinder, findCylinder, saveCylinder } from '@/records/repositories/cylinders/cylinders'
import { addMark } from '@/records/repositories/cylinders/marks'
import { write } from '@/records/write'
import { requireRig } from '@/services/rigs/rigs'
import {
  addOrSave,
  type ArchivedRow,
  massField,
  monthField,
  monthOf,
  nameField,
  reasonField,
  requireMadeMonth,
  savedFields,
} from '@/services/shared/fields'

export type { Cylinder }

const markSchema = z.strictObject({
  month: monthField,
  letter: z.enum(markLetters).nullable(),
  requalifier: z.string().max(12).nullable(),
})

/** A cylinder's stamps as its owner enters them. */
export const stampsSchema = z.strictObject({
  ...savedFields,
  name: nameField,
  kind: z.enum(cylinderKinds),
  /** 0 for a fixed tank, which is never weighed. */
  tareKg: z
    .number()
    .min(0, 'This cannot weigh less than zero.')
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
  /** How the stamps are known; entered when absent. */
  sources: quantitySourcesSchema.default({}),
  aboard: z.boolean(),
  /** Requalifications read from the collar. */
  marks: z.array(markSchema).max(20),
  /** The owner looked again at stamps that were doubted. */
  confirmed: z.boolean(),
})

export type StampsEntry = z.output<typeof stampsSchema>

function requireSense(entry: StampsEntry, now: Date): void {
  const { kind, tareKg, waterCapacityKg, labelNetKg } = entry
  // The empty cylinder must make sense before anything is weighed on it.
  if (kindFacts[kind].isFixed) waterCapacityVolumeM3(waterCapacityKg)
  else contents({ tareKg, waterCapacityKg, labelNetKg, gas: kindFacts[kind].gas, grossKg: tareKg })
  requireMadeMonth('manufacturedMonth', entry.manufacturedMonth, now)
  const [doubt] = stampWarnings(entry)
  if (doubt && !entry.confirmed) {
    throw new InputError(doubt.path, 'Look at the collar again, and confirm that it is stamped so.')
  }
  if (entry.ruleSetId !== null && entry.ruleReason === null) {
    throw new InputError('ruleReason', 'Say why this cylinder goes by another rule than the rig.')
  }
}

/**
 * Saves a cylinder's stamps: a new one without id, else over the given version. Marks are added.
 *
 * @throws InputError at the field of a stamp that cannot be
 */
export function saveStamps(checked: StampsEntry, now: Date): { id: string } {
  const { id, rigId, version, marks, confirmed: _, ...rest } = checked
  requireSense(checked, now)
  const records = database()
  const entry = { ...rest, tareKg: kindFacts[rest.kind].isFixed ? 0 : rest.tareKg }
  const dates = { ...entry, dateClass: findDateClass(entry.kind, entry.specification, entry), marks }
  requalification(dates, ruleOf(requireRig(rigId), entry), monthOf(now))
  const stored = id === null ? undefined : findCylinder(records, id)
  if (entry.aboard && stored?.gear.fitness.refilledAt) {
    throw new InputError('aboard', 'It was refilled and is not made for it: no trip may carry it.')
  }
  return write(records, () => {
    const { id: cylinderId } = addOrSave(
      { id, version },
      () => addCylinder(records, rigId, entry),
      (existing, over) => saveCylinder(records, existing, over, entry),
    )
    const known = stored?.gear.fitness.marks ?? []
    for (const mark of marks) {
      if (known.some(({ month, letter }) => month === mark.month && letter === mark.letter)) continue
      addMark(records, { ...mark, cylinderId, enteredAt: now.toISOString(), form: 'stamp', photoId: null })
    }
    return { id: cylinderId }
  })
}

/** A cylinder's stamps as they are saved. */
export function savedStamps(id: string): Cylinder | undefined {
  return findCylinder(database(), id)?.row
}

/** Archives a cylinder: it leaves the lists, its history stays. */
export function archiveCylinder({ id, version }: ArchivedRow, now: Date): null {
  saveCylinder(database(), id, version, { archivedAt: now.toISOString() })
  return null
}
