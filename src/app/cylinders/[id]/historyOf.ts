import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { HistoryEntry } from '@/app/shared/History'
import {
  fillEntry,
  describeLevel,
  describeInspection,
  describeMark,
  describeWeighing,
} from '@/app/shared/describeCylinderEvents'
import { describeSwap } from '@/app/shared/describeSwap'
import { database } from '@/records/database'
import { listFills } from '@/records/repositories/cylinders/fills'
import { listLevels } from '@/records/repositories/cylinders/levels'
import { listInspections } from '@/records/repositories/cylinders/inspections'
import { listMarks } from '@/records/repositories/cylinders/marks'
import { listSwapsOf } from '@/records/repositories/trips/swaps'
import { listWeighings } from '@/records/repositories/cylinders/weighings'

/** Older entries are in the logbook. */
const MAX = 100

/** What happened to a cylinder lately, newest first, the voided too. */
export function historyOf(gear: CylinderGear): HistoryEntry[] {
  const records = database()
  return [
    ...listWeighings(records, gear.id)
      .slice(0, MAX)
      .map((weighing) => describeWeighing(gear, weighing)),
    ...listLevels(records, gear.id)
      .slice(0, MAX)
      .map((level) => describeLevel(gear, level)),
    ...listFills(records, gear.id)
      .slice(0, MAX)
      .map((fill) => fillEntry(gear, fill)),
    ...listInspections(records, gear.id)
      .slice(0, MAX)
      .map((look) => describeInspection(gear, look)),
    ...listMarks(records, gear.id).slice(0, MAX).map(describeMark),
    ...listSwapsOf(records, gear.id).slice(0, MAX).map(describeSwap),
  ]
    .toSorted((a, b) => (a.at < b.at ? 1 : -1))
    .slice(0, MAX)
}
