import { liquidTemperature } from '@/core/cylinders/contents/liquidTemperature'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { fullMarks, gaugeLevel, massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
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
  meteredM3: z.number().min(0, 'This cannot be less than nothing.').max(10, 'No tank takes that much.').nullable(),
  shownBefore: z.number().min(0).max(1).nullable(),
  paid: z.number().min(0, 'This cannot be less than nothing.').max(1e6, 'No fill costs that much.').nullable(),
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

/** Contents after the fill, by the stored stamps. */
function netAfterKg({ gear }: CylinderWithGear, { after }: FillInput): number | null {
  if (after === null) return null
  if (after.way === 'weighed') return contents(contentsInput(gear, after)).netKg
  return massAtLevelKg('propane', gear.waterCapacityKg, gaugeLevel(after.shown, after.fullMark), SIXTY_F_K)
}

/**
 * Appends a fill with the weighing or the reading after it. A non-refillable bottle stays at home from then on.
 *
 * @throws InputError when it may not be filled, or at the field that cannot be
 */
export function recordFill(fill: FillInput, now: Date, key?: string): StoredFill {
  const cylinder = requireCylinder(fill.cylinderId)
  requireFillable(cylinder, fill, now)
  const { after, by: _, happenedAt: chosen, ...told } = fill
  const entry = { ...told, netKg: netAfterKg(cylinder, fill), filledAt: happenedAt(chosen, now) }
  const records = database()
  return write(records, () => {
    const { row } = cylinder
    if (!kindFacts[row.kind].isRefillable && row.aboard) saveCylinder(records, row.id, row.version, { aboard: false })
    if (after === null) return addFill(records, entry, null, key)
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
  const unknown = { netKg: null, meteredM3: null, shownBefore: null, paid: null }
  const entry = { cylinderId, mode: 'bottles', filledAt, note: 'Refilled, as its weight shows.', ...unknown } as const
  const records = database()
  return write(records, () => {
    if (row.aboard) saveCylinder(records, row.id, row.version, { aboard: false })
    return addFill(records, entry, null, key)
  })
}
