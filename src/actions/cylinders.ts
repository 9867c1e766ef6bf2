'use server'

import { revalidatePath } from 'next/cache'
import { contents } from '@/core/cylinders/contents'
import { contentsInput } from '@/core/cylinders/contentsInput'
import { cylinderKinds, kindFacts } from '@/core/cylinders/cylinderKind'
import { InputError } from '@/core/findings/InputError'
import { z } from '@/core/findings/schema'
import { addCylinder, addWeighing, findCylinder, saveCylinder, voidWeighing } from '@/records/cylinders'
import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { findRig } from '@/records/rigs'
import { hangingField, idField, massField, nameField, reasonField, versionField } from './fields'
import { act, type ActionResult } from './result'

const monthField = z
  .string()
  .regex(
    /^(19|20)\d\d-(0[1-9]|1[0-2])$/,
    'Write the month of manufacture as on the collar, such as 03-20, with a month from 01 to 12.',
  )

const cylinderSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  name: nameField,
  kind: z.enum(cylinderKinds),
  tareKg: massField,
  waterCapacityKg: massField,
  labelNetKg: massField.nullable(),
  manufacturedMonth: monthField.nullable(),
  specification: z.string().trim().max(40).nullable(),
  aboard: z.boolean(),
})

/** Saves a cylinder's stamps: a new one without an identifier, else over the version named. */
export async function saveCylinderAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(cylinderSchema, input, ({ id, rigId, version, ...entry }) => {
    const { gas } = kindFacts[entry.kind]
    // The empty cylinder must make sense before anything is weighed on it.
    contents({ ...entry, gas, grossKg: entry.tareKg })
    if (entry.manufacturedMonth !== null && entry.manufacturedMonth > new Date().toISOString().slice(0, 7)) {
      throw new InputError('manufacturedMonth', 'That month has not come yet. Check the year.')
    }
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const saved = id === null ? addCylinder(records, rigId, entry).id : id
    if (id !== null) saveCylinder(records, id, version ?? 0, entry)
    revalidatePath('/', 'layout')
    return { id: saved }
  })
}

const weighingSchema = z.strictObject({
  cylinderId: idField,
  grossKg: massField,
  hangingKg: hangingField,
  source: z.enum(['typed', 'scale']),
})

/** Appends a weighing, judged by the stamps as they stand in the records. */
export async function recordWeighingAction(input: unknown): Promise<ActionResult<{ id: string; weighedAt: string }>> {
  return act(weighingSchema, input, (entry) => {
    const records = database()
    const cylinder = findCylinder(records, entry.cylinderId)
    if (!cylinder) throw new NotFoundError('cylinder')
    contents(contentsInput(cylinder.gear, entry))
    const { id, weighedAt } = addWeighing(records, { ...entry, weighedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return { id, weighedAt }
  })
}

/** Voids a weighing; it stays in the history with its reason. */
export async function voidWeighingAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, reason: reasonField }), input, ({ id, reason }) => {
    voidWeighing(database(), id, new Date().toISOString(), reason)
    revalidatePath('/', 'layout')
    return null
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
