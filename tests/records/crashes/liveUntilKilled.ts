import fs from 'node:fs'
import { storedUses } from '@/core/run/tripPlan'
import { addAcceptance } from '@/records/repositories/trips/acceptances'
import { addFill } from '@/records/repositories/cylinders/fills'
import { openDatabase } from '@/records/openDatabase'
import { restoreBackup } from '@/records/archive/backup/restoreBackup'
import { addTick } from '@/records/repositories/trips/ticks'
import { findTrip, saveTrip, tripFields } from '@/records/repositories/trips/trips'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { importArchive } from '@/records/archive/import/importArchive'
import { readArchive } from '@/records/archive/import/readArchive'

// Run by kill.test.ts: repeats one kind of write until killed, and prints each change once it is saved.
const [file = '', way = '', ...files] = process.argv.slice(2)
const records = openDatabase(file)
const say = (what: string): void => void process.stdout.write(`${what}\n`)
const at = (i: number): string => new Date(Date.UTC(2026, 0, 1, 0, 0, i)).toISOString()
const from = Date.now()

function write(i: number): void {
  const id = `${from} ${i}`
  const weighing = { grossKg: 12, hangingKg: 0, source: 'typed' } as const
  switch (i % 5) {
    case 0:
      addWeighing(records, { ...weighing, cylinderId: 'left', weighedAt: at(i) }, id)
      return say(`weighings ${id}`)
    case 1:
      addFill(
        records,
        {
          cylinderId: 'left',
          filledAt: at(i),
          mode: 'pump',
          netKg: 4,
          meteredM3: null,
          shownBefore: null,
          paid: 1,
          note: null,
        },
        { weighing },
        id,
      )
      return say(`fills ${id}`)
    case 2:
      addTick(records, { rigId: 'marigold', procedure: 'x', subjectId: '', stepId: 'y', tickedAt: at(i) }, id)
      return say(`ticks ${id}`)
    case 3:
      addAcceptance(
        records,
        { tripId: 'larkspur', findingKey: 'k', sentence: { text: 'x' }, reason: 'r', acceptedAt: at(i) },
        id,
      )
      return say(`acceptances ${id}`)
    default: {
      const trip = findTrip(records, 'larkspur')
      if (!trip) return
      saveTrip(records, 'larkspur', trip.row.version, { ...tripFields(trip.row), uses: storedUses(trip.plan.uses) })
      return say(`version ${trip.row.version + 1}`)
    }
  }
}

for (let i = 0; ; i += 1) {
  if (way === 'write') write(i)
  else if (way === 'import') {
    const archive = readArchive(fs.readFileSync(files[i % files.length] ?? ''))
    importArchive(records, archive, 'theirs', false)
    say(`taken ${i % files.length}`)
  } else {
    restoreBackup(records, fs.readFileSync(files[i % files.length] ?? ''), new Date().toISOString())
    say(`taken ${i % files.length}`)
  }
}
