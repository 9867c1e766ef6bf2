import { liquidTemperature } from '@/core/cylinders/contents/liquidTemperature'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { contents } from '@/core/cylinders/contents/contents'
import { assumed } from '@/core/base/provenance'
import { contentsInput, gearContents } from '@/core/cylinders/contents/gearContents'
import { type FillAccount, fillAccount, fillStops, levelOfMass } from '@/core/fill/fillAccount'
import { fullMarks, gaugeLevel, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { lastMeasuredMs } from '@/core/trip/usage/remainingTrip'
import { hasStop } from '@/core/findings/verdict'
import { fillFindings } from '@/core/fill/fillFindings'
import { fillModes } from '@/core/fill/fillModes'
import { SIXTY_F_K } from '@/core/units/convert'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { database } from '@/records/database'
import { type CylinderWithGear, saveCylinder } from '@/records/repositories/cylinders/cylinders'
import { addFill, type StoredFill } from '@/records/repositories/cylinders/fills'
import { write } from '@/records/write'
import { requireCylinder } from '@/services/cylinders/requireCylinder'
import { requireRig } from '@/services/rigs/rigs'
import { dayOf, hangingField, idField, massField, noteField, sourceField } from '@/services/shared/fields'
import { happenedAt, happenedAtField } from '@/services/shared/happenedAt'

export const fillSchema = z.strictObject({
  cylinderId: idField,
  mode: z.enum(fillModes),
  by: z.enum(['weight', 'pressure']).default('weight'),
  after: z
    .discriminatedUnion('way', [
      z.strictObject({ way: z.literal('weighed'), grossKg: massField, hangingKg: hangingField, source: sourceField }),
      z.strictObject({ way: z.literal('gauge'), shown: z.number(), fullMark: z.enum(fullMarks) }),
    ])
    .nullable(),
  meteredM3: z.number().min(0, 'This cannot be less than zero.').max(10, 'No tank takes that much.').nullable(),
  stoppedBy: z.enum(fillStops).default('unseen'),
  /** Of the liquid from the pump. */
  liquidK: z
    .number()
    .min(230, 'No propane is that cold at a pump.')
    .max(330, 'No propane is that warm at a pump.')
    .nullable()
    .default(null),
  shownBefore: z.number().min(0).max(1).nullable(),
  /** What the full mark of the gauge means that was read before. */
  fullMark: z.enum(fullMarks).nullable().default(null),
  paid: z.number().min(0, 'This cannot be less than zero.').max(1e6, 'No fill costs that much.').nullable(),
  /** Tax and fees, as a part of what was paid. */
  fees: z.number().min(0, 'Enter zero or more.').nullable().default(null),
  note: noteField,
  happenedAt: happenedAtField,
})

type FillInput = z.output<typeof fillSchema>

function requireFillable({ gear, row }: CylinderWithGear, { mode, by }: FillInput, now: Date): void {
  const { bottleSchool } = requireRig(row.rigId)
  if (hasStop(fillFindings(gear, { mode, by, school: bottleSchool }, dayOf(now)))) {
    throw new InputError('', 'It may not be filled; the reason stands above. Nothing was saved.')
  }
}

/** Contents after the fill, by the stored stamps; null when nobody measured them. */
function measuredAfterKg({ gear }: CylinderWithGear, { after }: FillInput): number | null {
  if (after === null) return null
  if (after.way === 'weighed') return contents(contentsInput(gear, after)).netKg
  return massAtLevelKg('propane', gear.waterCapacityKg, gaugeLevel(after.shown, after.fullMark), SIXTY_F_K)
}

/** Contents before the fill: by the gauge as it was read then, else by the records. */
function heldBeforeKg(
  { gear }: CylinderWithGear,
  { shownBefore, fullMark }: FillInput,
  filledAt: string,
): number | null {
  if (shownBefore !== null && fullMark !== null) {
    return massAtLevelKg('propane', gear.waterCapacityKg, gaugeLevel(shownBefore, fullMark), SIXTY_F_K)
  }
  // What was read after a fill of another day does not tell what was in it before.
  return Date.parse(filledAt) >= lastMeasuredMs(gear) ? (gearContents(gear)?.netKg ?? null) : null
}

/** What the fill left in it; CO2 and what is filled by weight alone is known only when it was measured. */
function accountOf(cylinder: CylinderWithGear, fill: FillInput, filledAt: string): FillAccount {
  const measuredKg = measuredAfterKg(cylinder, fill)
  const { meteredM3, stoppedBy, liquidK, mode } = fill
  if (mode !== 'pump' && mode !== 'onboard') {
    return { netKg: measuredKg, by: measuredKg === null ? null : 'measured', errorKg: 0, overKg: null, mismatch: null }
  }
  const beforeKg = heldBeforeKg(cylinder, fill, filledAt)
  return fillAccount({ cylinder: cylinder.gear, beforeKg, meteredM3, stoppedBy, measuredKg, liquidK })
}

/** A level that nobody read, from the bleeder or the gallons, with how far it may be off. */
function levelAfter({ gear }: CylinderWithGear, { netKg, errorKg }: FillAccount) {
  if (netKg === null) return null
  const at = (kg: number): number => levelOfMass(kg, gear.waterCapacityKg)
  const liquidFraction = at(netKg)
  const { temperatureK, sources } = liquidTemperature(null)
  const range = assumed(at(netKg - errorKg), at(netKg + errorKg))
  return {
    level: { shown: liquidFraction, liquidFraction, temperatureK, sources: { ...sources, liquidFraction: range } },
  }
}

/**
 * Appends a fill with the weighing or the reading after it. A non-refillable bottle stays at home from then on.
 *
 * @throws InputError when it may not be filled, or at the field that cannot be
 */
export function recordFill(fill: FillInput, now: Date, key?: string): StoredFill {
  const cylinder = requireCylinder(fill.cylinderId)
  requireFillable(cylinder, fill, now)
  const { after, by: _, stoppedBy: _stop, liquidK: _liquid, fullMark: _mark, happenedAt: chosen, ...entered } = fill
  if (entered.fees !== null && entered.fees > (entered.paid ?? 0)) {
    throw new InputError('fees', 'Tax and fees are a part of what was paid.')
  }
  const filledAt = happenedAt(chosen, now)
  const account = accountOf(cylinder, fill, filledAt)
  const entry = { ...entered, netKg: account.netKg, filledAt }
  const records = database()
  return write(records, () => {
    const { row } = cylinder
    if (!kindFacts[row.kind].isRefillable && row.aboard) saveCylinder(records, row.id, row.version, { aboard: false })
    if (after === null) return addFill(records, entry, levelAfter(cylinder, account), key)
    if (after.way === 'weighed') return addFill(records, entry, { weighing: after }, key)
    const liquidFraction = gaugeLevel(after.shown, after.fullMark)
    return addFill(records, entry, { level: { shown: after.shown, liquidFraction, ...liquidTemperature(null) } }, key)
  })
}

export const refilledSchema = z.strictObject({ cylinderId: idField })

/**
 * Marks a bottle that is not made for it as refilled by somebody, as its weight shows. It stays at home from then on.
 *
 * @throws InputError for a cylinder that is made to be refilled
 */
export function markRefilled({ cylinderId }: z.output<typeof refilledSchema>, now: Date, key?: string): StoredFill {
  const { row, gear } = requireCylinder(cylinderId)
  if (kindFacts[row.kind].isRefillable) throw new InputError('', 'This one is made to be refilled.')
  const filledAt = gear.fitness.heavier?.weighedAt ?? now.toISOString()
  const unknown = { netKg: null, meteredM3: null, shownBefore: null, paid: null, fees: null }
  const entry = { cylinderId, mode: 'bottles', filledAt, note: 'Refilled, as its weight shows.', ...unknown } as const
  const records = database()
  return write(records, () => {
    if (row.aboard) saveCylinder(records, row.id, row.version, { aboard: false })
    return addFill(records, entry, null, key)
  })
}
