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
import { eventsOfCylinder } from '@/services/cylinders/cylinderEvents'

/** Older entries are in the logbook. */
const MAX = 100

/** What happened to a cylinder lately, newest first, the voided too. */
export function historyOf(gear: CylinderGear): HistoryEntry[] {
  const { weighings, levels, fills, inspections, marks, swaps } = eventsOfCylinder(gear.id)
  return [
    ...weighings.slice(0, MAX).map((weighing) => describeWeighing(gear, weighing)),
    ...levels.slice(0, MAX).map((level) => describeLevel(gear, level)),
    ...fills.slice(0, MAX).map((fill) => fillEntry(gear, fill)),
    ...inspections.slice(0, MAX).map((look) => describeInspection(gear, look)),
    ...marks.slice(0, MAX).map(describeMark),
    ...swaps.slice(0, MAX).map(describeSwap),
  ]
    .toSorted((a, b) => (a.at < b.at ? 1 : -1))
    .slice(0, MAX)
}
