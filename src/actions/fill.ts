'use server'
import { write } from '@/records/write'

import { revalidatePath } from 'next/cache'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { fullMarks, gaugeLevel, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { hasStop } from '@/core/findings/verdict'
import { z } from '@/core/base/zod'
import { SIXTY_F_K } from '@/core/units/convert'
import { priceWays } from '@/core/fill/cost/fillCosts'
import { InputError } from '@/core/base/InputError'
import { fillFindings } from '@/core/fill/fillFindings'
import { bottleFillRules, fillModes } from '@/core/fill/fillModes'
import { findCylinder, saveCylinder, type CylinderWithGear } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'
import { addFill } from '@/records/repositories/cylinders/fills'
import { addOffer, saveOffer } from '@/records/repositories/cylinders/offers'
import { NotFoundError } from '@/records/RecordsError'
import { findRig, saveRig } from '@/records/repositories/rigs/rigs'
import { addTick } from '@/records/repositories/trips/ticks'
import {
  hangingField,
  idField,
  massField,
  nameField,
  noteField,
  priceField,
  sourceField,
  today,
  versionField,
} from '@/actions/shared/fields'
import { happenedAt, happenedAtField, recordEvent } from '@/actions/shared/recordEvent'
import { act, type ActionResult } from '@/actions/shared/result'

const fillSchema = z.strictObject({
  cylinderId: idField,
  mode: z.enum(fillModes),
  by: z.enum(['weight', 'pressure']).default('weight'),
  after: z
    .discriminatedUnion('way', [
      z.strictObject({ way: z.literal('weighed'), grossKg: massField, hangingKg: hangingField, source: sourceField }),
      z.strictObject({ way: z.literal('gauge'), shown: z.number(), fullMark: z.enum(fullMarks) }),
    ])
    .nullable(),
  meteredM3: z.number().min(0, 'This cannot be less than nothing.').max(10, 'No tank takes that much.').nullable(),
  shownBefore: z.number().min(0).max(1).nullable(),
  paid: z.number().min(0, 'This cannot be less than nothing.').max(1e6, 'No fill costs that much.').nullable(),
  note: noteField,
  happenedAt: happenedAtField,
})

type Fill = z.output<typeof fillSchema>

function requireFillable({ gear, row }: CylinderWithGear, { mode, by }: Fill): void {
  const rig = findRig(database(), row.rigId)
  if (!rig) throw new NotFoundError('rig')
  const findings = fillFindings(gear, { mode, by, school: rig.bottleSchool }, today())
  if (hasStop(findings)) {
    throw new InputError('', 'It may not be filled; the reason stands above. Nothing was saved.')
  }
}

/** Contents after the fill, by the stored stamps. */
function netAfterKg({ gear }: CylinderWithGear, { after }: Fill): number | null {
  if (after === null) return null
  if (after.way === 'weighed') return contents(contentsInput(gear, after)).netKg
  return massAtLevelKg('propane', gear.waterCapacityKg, gaugeLevel(after.shown, after.fullMark), SIXTY_F_K)
}

/** Appends a fill with the weighing or the reading after it. A non-refillable bottle stays at home from then on. */
export async function recordFillAction(input: unknown, requestKey?: unknown): Promise<ActionResult<{ id: string }>> {
  const record = (fill: Fill, key?: string) => {
    const records = database()
    const cylinder = findCylinder(records, fill.cylinderId)
    if (!cylinder) throw new NotFoundError('cylinder')
    requireFillable(cylinder, fill)
    const { after, by, happenedAt: chosen, ...told } = fill
    const entry = { ...told, netKg: netAfterKg(cylinder, fill), filledAt: happenedAt(chosen, new Date()) }
    return write(records, () => {
      const { row } = cylinder
      if (row.kind === 'bottle' && row.aboard) saveCylinder(records, row.id, row.version, { aboard: false })
      if (after === null) return addFill(records, entry, null, key)
      if (after.way === 'weighed') return addFill(records, entry, { weighing: after }, key)
      const liquidFraction = gaugeLevel(after.shown, after.fullMark)
      return addFill(records, entry, { level: { shown: after.shown, liquidFraction, temperatureK: SIXTY_F_K } }, key)
    })
  }
  return recordEvent('fill', fillSchema, { input, requestKey }, record, ({ id }) => ({ id }))
}

const tickSchema = z.strictObject({
  rigId: idField,
  procedure: z.string().min(1).max(40),
  subjectId: z.string().max(64),
  stepId: z.string().min(1).max(40),
})

/** Logs a step of a procedure. */
export async function tickAction(
  input: unknown,
  requestKey?: unknown,
): Promise<ActionResult<{ id: string; tickedAt: string }>> {
  const record = (entry: z.output<typeof tickSchema>, key?: string) => {
    const records = database()
    if (!findRig(records, entry.rigId)) throw new NotFoundError('rig')
    return addTick(records, { ...entry, tickedAt: new Date().toISOString() }, key)
  }
  return recordEvent('tick', tickSchema, { input, requestKey }, record, ({ id, tickedAt }) => ({ id, tickedAt }))
}

const schoolSchema = z.strictObject({ rigId: idField, version: versionField, bottleSchool: z.enum(bottleFillRules) })

/** Saves the rule for filling one-pound bottles. */
export async function saveBottleFillRuleAction(input: unknown): Promise<ActionResult> {
  return act(schoolSchema, input, ({ rigId, version, bottleSchool }) => {
    saveRig(database(), rigId, version, { bottleSchool })
    revalidatePath('/', 'layout')
    return null
  })
}

const offerSchema = z.strictObject({
  id: idField.nullable(),
  rigId: idField,
  version: versionField.nullable(),
  place: nameField,
  way: z.enum(priceWays),
  price: priceField,
  containsKg: massField.nullable(),
})

/** Saves a price. */
export async function saveOfferAction(input: unknown): Promise<ActionResult<{ id: string }>> {
  return act(offerSchema, input, ({ id, rigId, version, ...entry }) => {
    if ((entry.way === 'exchange' || entry.way === 'bottles') && entry.containsKg === null) {
      throw new InputError('containsKg', 'Enter how much gas it contains: an exchanged cylinder often only 15 lb.')
    }
    const records = database()
    if (!findRig(records, rigId)) throw new NotFoundError('rig')
    const saved = id ?? addOffer(records, rigId, entry).id
    if (id !== null) saveOffer(records, id, version ?? 0, entry)
    revalidatePath('/', 'layout')
    return { id: saved }
  })
}

/** Takes a price off the board. */
export async function archiveOfferAction(input: unknown): Promise<ActionResult> {
  return act(z.strictObject({ id: idField, version: versionField }), input, ({ id, version }) => {
    saveOffer(database(), id, version, { archivedAt: new Date().toISOString() })
    revalidatePath('/', 'layout')
    return null
  })
}
