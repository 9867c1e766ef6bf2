import type { Database } from '@/records/databaseType'
import { addDrillRun, addFaultEvent, addRehearsal } from '@/records/repositories/practice/practice'

/** One event of each kind that Practice records: a drill, a rehearsal, a fault that was found. */
export function addPracticed(records: Database, rigId: string, at: string): void {
  addDrillRun(records, {
    rigId,
    drill: 'nothing-works',
    seed: 1,
    finishedAt: at,
    result: 'bad',
    reason: 'A flame was held to a joint.',
    durationS: 300,
    expertDurationS: 240,
    gasKg: 0.01,
  })
  addRehearsal(records, { rigId, rehearsedAt: at, people: 2, sheets: ['gas', 'co'], note: 'by night' })
  addFaultEvent(records, {
    rigId,
    what: 'found',
    kind: 'limiter',
    lineId: null,
    place: 'left',
    partId: 'left',
    name: 'Left cylinder',
    happenedAt: at,
    note: null,
  })
}
