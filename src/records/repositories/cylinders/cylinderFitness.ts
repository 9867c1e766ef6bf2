import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderFitness, Inspection } from '@/core/cylinders/cylinderGear'
import { evaluateInspection } from '@/core/cylinders/inspection/inspectionItems'
import { findRuleSet, type RuleSet } from '@/core/rules/dateRules'
import type { Database } from '@/records/databaseType'
import { lastFills } from './fills'
import { heavierBottles } from './weighings'
import { activeInspections, type StoredInspection } from './inspections'
import { activeMarks } from './marks'
import { vesselLeaks } from '@/records/repositories/lines/vesselLeaks'
import type { Rig } from '@/records/repositories/rigs/rigs'
import type { cylinders } from '@/records/schema/schema'

type Cylinder = typeof cylinders.$inferSelect

/** The rule set of the rig, or a cylinder's own. */
export function ruleOf(rig: Rig, cylinder: Pick<Cylinder, 'ruleSetId'>): RuleSet {
  return findRuleSet(cylinder.ruleSetId ?? rig.ruleSetId, rig.ownRule)
}

/** Inspection that put a cylinder out of service, unless it was cleared since. */
function disqualifying(kind: Cylinder['kind'], newestFirst: readonly StoredInspection[]): StoredInspection | null {
  const cleared = newestFirst.findIndex(({ clearedBy }) => clearedBy !== null)
  const since = cleared === -1 ? newestFirst : newestFirst.slice(0, cleared)
  return since.findLast(({ answers }) => evaluateInspection(kind, answers).disqualifying.length > 0) ?? null
}

function lookOf(stored: StoredInspection | null | undefined): Inspection | null {
  return stored ? { answers: stored.answers, lookedAt: stored.lookedAt } : null
}

/** Dates, marks, look-overs and what else decides whether each cylinder may be filled. */
export function loadFitness(database: Database, rig: Rig, rows: readonly Cylinder[]): Map<string, CylinderFitness> {
  const ids = rows.map(({ id }) => id)
  const marks = activeMarks(database, ids)
  const looks = activeInspections(database, ids)
  const fills = lastFills(database, ids)
  const leaks = vesselLeaks(database, rig.id)
  const heavier = heavierBottles(
    database,
    rows.filter(({ kind }) => !kindFacts[kind].isRefillable).map(({ id }) => id),
  )
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
        retiredBy: lookOf(disqualifying(row.kind, own)),
        refilledAt: kindFacts[row.kind].isRefillable ? null : (fills.get(row.id)?.filledAt ?? null),
        heavier: heavier.get(row.id) ?? null,
        vesselLeak: leaks.get(row.id) ?? null,
      }
      return [row.id, fitness]
    }),
  )
}
