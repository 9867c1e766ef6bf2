import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { HistoryEntry } from '@/app/shared/historyEntry'
import { fillEntry, levelWords, lookWords, markWords, weighingWords } from '@/app/shared/cylinderWords'
import { swapWords } from '@/app/shared/swapWords'
import { database } from '@/records/database'
import { listFills } from '@/records/repositories/cylinders/fills'
import { listLevels } from '@/records/repositories/cylinders/levels'
import { listLooks } from '@/records/repositories/cylinders/looks'
import { listMarks } from '@/records/repositories/cylinders/marks'
import { listSwapsOf } from '@/records/repositories/trips/swaps'
import { listWeighings } from '@/records/repositories/cylinders/weighings'

/** More than this stands in the logbook. */
const MOST = 100

/** What happened to a cylinder lately, newest first, the voided too. */
export function historyOf(gear: CylinderGear): HistoryEntry[] {
  const records = database()
  return [
    ...listWeighings(records, gear.id)
      .slice(0, MOST)
      .map((weighing) => weighingWords(gear, weighing)),
    ...listLevels(records, gear.id)
      .slice(0, MOST)
      .map((level) => levelWords(gear, level)),
    ...listFills(records, gear.id)
      .slice(0, MOST)
      .map((fill) => fillEntry(gear, fill)),
    ...listLooks(records, gear.id)
      .slice(0, MOST)
      .map((look) => lookWords(gear, look)),
    ...listMarks(records, gear.id).slice(0, MOST).map(markWords),
    ...listSwapsOf(records, gear.id).slice(0, MOST).map(swapWords),
  ]
    .toSorted((a, b) => (a.at < b.at ? 1 : -1))
    .slice(0, MOST)
}
