import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { HistoryEntry } from '@/app/historyEntry'
import { fillEntry, levelWords, lookWords, markWords, weighingWords } from '@/app/words/cylinderWords'
import { swapWords } from '@/app/words/swapWords'
import { database } from '@/records/database'
import { listFills } from '@/records/fills'
import { listLevels } from '@/records/levels'
import { listLooks } from '@/records/looks'
import { listMarks } from '@/records/marks'
import { listSwapsOf } from '@/records/swaps'
import { listWeighings } from '@/records/weighings'

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
