import type { MeteredFill } from '@/core/cylinders/contents/calibrateGauge'
import { database } from '@/records/database'
import { listFills, type StoredFill } from '@/records/repositories/cylinders/fills'
import { listInspections, type StoredInspection } from '@/records/repositories/cylinders/inspections'
import { listLevels, type StoredLevel } from '@/records/repositories/cylinders/levels'
import { listMarks, type StoredMark } from '@/records/repositories/cylinders/marks'
import { listWeighings, type StoredWeighing } from '@/records/repositories/cylinders/weighings'
import { listSwapsOf, type StoredSwap } from '@/records/repositories/trips/swaps'

export type { StoredFill, StoredInspection, StoredLevel, StoredMark, StoredSwap, StoredWeighing }

/** What happened to cylinders, by kind; including what was voided. */
export interface CylinderEvents {
  weighings: StoredWeighing[]
  levels: StoredLevel[]
  fills: StoredFill[]
  inspections: StoredInspection[]
  marks: StoredMark[]
  swaps: StoredSwap[]
}

/** What happened to a cylinder, each kind newest first. */
export function eventsOfCylinder(id: string): CylinderEvents {
  const records = database()
  return {
    weighings: listWeighings(records, id),
    levels: listLevels(records, id),
    fills: listFills(records, id),
    inspections: listInspections(records, id),
    marks: listMarks(records, id),
    swaps: listSwapsOf(records, id),
  }
}

/** Requalification marks of a cylinder, newest first. */
export function marksOf(id: string): StoredMark[] {
  return listMarks(database(), id)
}

/** Weighings and readings of a cylinder, newest first. */
export function measurementsOf(id: string): Pick<CylinderEvents, 'weighings' | 'levels'> {
  return { weighings: listWeighings(database(), id), levels: listLevels(database(), id) }
}

/** Fills with a gauge reading before and a metered volume, for the gauge calibration. */
export function meteredFills(id: string): MeteredFill[] {
  return listFills(database(), id).flatMap(({ voidedAt, shownBefore, meteredM3 }) =>
    voidedAt === null && shownBefore !== null && meteredM3 !== null ? [{ shown: shownBefore, meteredM3 }] : [],
  )
}
