import { add, edited, soundStart } from '@tests/lines'
import { addLine, saveLine } from '@/records/repositories/lines/lines'
import { openDatabase } from '@/records/openDatabase'
import { addRig } from '@/records/repositories/rigs/rigs'

// Run by crash.test.ts: saves a changed line until killed, and prints each version once it is saved.
const records = openDatabase(process.argv[2] ?? '')
addRig(records, 'Marigold', 'rig')
const without = soundStart('two-cylinders')
const withLoose = edited(without, add('loose', 'cooktop', null))
addLine(records, 'rig', { name: 'House line', line: without }, '2026-01-01T00:00:00.000Z', 'house')
for (let version = 1; ; version += 1) {
  const changedAt = new Date(Date.UTC(2026, 0, 1, 0, 0, version)).toISOString()
  saveLine(records, 'house', version, { line: version % 2 === 0 ? without : withLoose }, changedAt)
  process.stdout.write(`${version + 1}\n`)
}
