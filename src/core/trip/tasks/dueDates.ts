import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import { equipmentEndMonth, equipmentFacts, type Equipment } from '@/core/cylinders/equipment/equipment'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { addMonths } from '@/core/time/months'
import type { FindingRemedy } from '@/core/findings/Finding'
import type { LineGear } from '@/core/hookup/line/line'
import { lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

/** What has a last month. */
export interface DueDate {
  /** Stable for one item and one kind of date. */
  id: string
  /** What should be done. */
  title: string
  why: string
  /** Last month in which it still holds, `2031-03`. */
  month: string
  remedy: FindingRemedy
}

const YEAR_MONTHS = 12

function requalifications(cylinders: readonly CylinderGear[], onDay: string): DueDate[] {
  return cylinders.flatMap((cylinder): DueDate[] => {
    const { dueMonth } = gearRequalification(cylinder, onDay)
    if (dueMonth === null) return []
    return [
      {
        id: `requalification ${cylinder.id}`,
        title: `${cylinder.name}: requalify or replace`,
        why: `Good through this month by the rule “${cylinder.fitness.rule.name}”. Later it may be used up, not filled.`,
        month: dueMonth,
        remedy: { label: 'To its dates', station: 'cylinders', subjectId: cylinder.id, page: 'dates' },
      },
    ]
  })
}

function replacements(equipment: readonly Equipment[]): DueDate[] {
  return equipment.flatMap((thing): DueDate[] => {
    const month = equipmentEndMonth(thing)
    if (month === null) return []
    return [
      {
        id: `replacement ${thing.id}`,
        title: `${thing.name}: replace`,
        why: thing.replaceByMonth === null ? 'By its age.' : 'By the date on it.',
        month,
        remedy: { label: 'To the equipment', station: 'cylinders', page: 'equipment' },
      },
    ]
  })
}

function partAges(lines: readonly LineGear[]): DueDate[] {
  return lines.flatMap((gear) =>
    (lineGraphOrNull(gear.line)?.parts ?? []).flatMap(({ part, type, name }): DueDate[] => {
      // Parts linked to an equipment entry are counted there.
      if (!type.oldMonths || !part.madeMonth || part.equipmentId) return []
      return [
        {
          id: `replacement ${gear.id} ${part.id}`,
          title: `${name}: replace`,
          why: 'By its age: rubber hardens without showing it.',
          month: addMonths(part.madeMonth, type.oldMonths),
          remedy: { label: 'To the line', station: 'hookup', subjectId: gear.id, about: part.id },
        },
      ]
    }),
  )
}

/** A fixed tank has no date; its relief valve and gauge are looked at each year, an extinguisher too. */
function yearlyChecks({ cylinders, equipment }: RigGear, onMonth: string): DueDate[] {
  const next = (lookedAt: string | undefined): string =>
    lookedAt ? addMonths(lookedAt.slice(0, 7), YEAR_MONTHS) : onMonth
  const tanks = cylinders
    .filter(({ kind, fitness }) => findDateClass(kind, fitness.specification, fitness) === 'fixed')
    .map(({ id, name, fitness }): DueDate => ({
      id: `yearly ${id}`,
      title: `${name}: look at relief valve and gauge`,
      why: 'A fixed tank has no date; these are looked at each year.',
      month: next(fitness.lastLook?.lookedAt),
      remedy: { label: 'Look it over', station: 'cylinders', subjectId: id, page: 'look-over' },
    }))
  const extinguishers = equipment
    .filter(({ kind }) => kind === 'extinguisher')
    .map(({ id, name, kind, lastLook }): DueDate => ({
      id: `yearly ${id}`,
      title: `${name}: yearly look`,
      why: `Look: ${equipmentFacts[kind].look}.`,
      month: next(lastLook?.lookedAt),
      remedy: { label: 'To the equipment', station: 'cylinders', page: 'equipment' },
    }))
  return [...tanks, ...extinguishers]
}

/**
 * Everything of a rig that has a last month, the soonest first.
 *
 * @param gear - of the rig
 * @param onDay - `2026-11-24`
 */
export function dueDates(gear: RigGear, onDay: string): DueDate[] {
  return [
    ...requalifications(gear.cylinders, onDay),
    ...replacements(gear.equipment),
    ...partAges(gear.lines.map((line) => line.gear)),
    ...yearlyChecks(gear, onDay.slice(0, 7)),
  ].toSorted((a, b) => a.month.localeCompare(b.month) || a.title.localeCompare(b.title))
}
