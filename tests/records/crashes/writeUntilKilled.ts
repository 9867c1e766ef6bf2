import { addCylinder, plainCylinder } from '@/records/repositories/cylinders/cylinders'
import { openDatabase } from '@/records/openDatabase'
import { addRig } from '@/records/repositories/rigs/rigs'
import { addWeighing } from '@/records/repositories/cylinders/weighings'

// Run by crash.test.ts: writes weighings until killed, and prints each one once it is saved.
const records = openDatabase(process.argv[2] ?? '')
addRig(records, 'Marigold', 'rig')
addCylinder(
  records,
  'rig',
  {
    ...plainCylinder,
    name: 'Left',
    kind: 'removable',
    tareKg: 8,
    waterCapacityKg: 21.6,
  },
  'left',
)
for (let i = 0; ; i += 1) {
  const weighedAt = new Date(Date.UTC(2026, 0, 1, 0, 0, i)).toISOString()
  const { id } = addWeighing(records, { cylinderId: 'left', grossKg: 10, hangingKg: 0, source: 'typed', weighedAt })
  process.stdout.write(`${id}\n`)
}
