import type { CylinderFitness, LookOver } from '@/core/cylinders/cylinderGear'
import { judgeLookOver } from '@/core/cylinders/inspection/lookOverItems'
import { ruleSetOf, type RuleSet } from '@/core/rules/dateRules'
import type { Database } from '@/records/databaseType'
import { lastFills } from './fills'
import { standingLooks, type StoredLook } from './looks'
import { standingMarks } from './marks'
import type { Rig } from '@/records/repositories/rigs/rigs'
import type { cylinders } from '@/records/schema/schema'

type Cylinder = typeof cylinders.$inferSelect

/** The rule set of the rig, or a cylinder's own. */
export function ruleOf(rig: Rig, cylinder: Pick<Cylinder, 'ruleSetId'>): RuleSet {
  return ruleSetOf(cylinder.ruleSetId ?? rig.ruleSetId, rig.ownRule)
}

/** The look-over that retired a cylinder, unless somebody cleared it since. */
function retiring(kind: Cylinder['kind'], newestFirst: readonly StoredLook[]): StoredLook | null {
  const cleared = newestFirst.findIndex(({ clearedBy }) => clearedBy !== null)
  const since = cleared === -1 ? newestFirst : newestFirst.slice(0, cleared)
  return since.findLast(({ answers }) => judgeLookOver(kind, answers).retiring.length > 0) ?? null
}

function lookOf(stored: StoredLook | null | undefined): LookOver | null {
  return stored ? { answers: stored.answers, lookedAt: stored.lookedAt } : null
}

/** Dates, marks, look-overs and what else decides whether each cylinder may be filled. */
export function loadFitness(database: Database, rig: Rig, rows: readonly Cylinder[]): Map<string, CylinderFitness> {
  const ids = rows.map(({ id }) => id)
  const marks = standingMarks(database, ids)
  const looks = standingLooks(database, ids)
  const fills = lastFills(database, ids)
  return new Map(
    rows.map((row) => {
      const own = looks.get(row.id) ?? []
      const fitness: CylinderFitness = {
        specification: row.specification,
        manufacturedMonth: row.manufacturedMonth,
        marks: (marks.get(row.id) ?? []).map(({ month, letter, requalifier }) => ({ month, letter, requalifier })),
        labelIntervalMonths: row.labelIntervalMonths,
        endOfLifeMonth: row.endOfLifeMonth,
        overfillStop: row.overfillStop,
        rule: ruleOf(rig, row),
        lastLook: lookOf(own.find(({ clearedBy }) => clearedBy === null)),
        retiredBy: lookOf(retiring(row.kind, own)),
        refilledAt: row.kind === 'bottle' ? (fills.get(row.id)?.filledAt ?? null) : null,
      }
      return [row.id, fitness]
    }),
  )
}
