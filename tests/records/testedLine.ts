import { soundStart } from '@tests/lines'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import type { Database } from '@/records/databaseType'
import { addHoldTest } from '@/records/repositories/lines/holdTests'
import { addLeakClosing, addLeakReading, addLeakTest } from '@/records/repositories/lines/leakTests'
import { addLine, type StoredLine } from '@/records/repositories/lines/lines'

/** A drawn line with a closed leak walk and one hold test. */
export function testedLine(records: Database, rigId: string, moment: string): StoredLine {
  const line = soundStart('two-cylinders')
  const row = addLine(records, rigId, { name: 'House line', line }, moment, 'house')
  const graph = lineGraph(line)
  const sheet = leakSheet(graph)
  const fingerprint = lineFingerprint(line)
  addLeakTest(records, { lineId: 'house', startedAt: moment, fingerprint, sheet }, 'walk')
  for (const { id: itemId } of sheet) {
    addLeakReading(records, { testId: 'walk', itemId, grade: 'none', leftForTechnician: false, readAt: moment })
  }
  addLeakClosing(records, { testId: 'walk', closedAt: moment, burned: 'Cooktop' }, 'end')
  addHoldTest(records, {
    lineId: 'house',
    heldAt: moment,
    side: 'low',
    input: { lineVolumeM3: 0.0008, startGaugePa: 2000, endGaugePa: 2000, durationS: 180, startK: 288, endK: 288 },
    outcome: 'held',
    openBranches: null,
  })
  return row
}
