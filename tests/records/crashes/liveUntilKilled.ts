import fs from 'node:fs'
import { openDatabase } from '@/records/openDatabase'
import { restoreBackup } from '@/records/archive/backup/restoreBackup'
import { importArchive } from '@/records/archive/import/importArchive'
import { readArchive } from '@/records/archive/import/readArchive'
import { writeOnce } from '@tests/records/oneWrite'

// Run by kill.test.ts: repeats one kind of write until killed, and prints each change once it is saved.
const [file = '', way = '', ...files] = process.argv.slice(2)
const records = openDatabase(file)
const say = (what: string): void => void process.stdout.write(`${what}\n`)
const from = Date.now()

for (let i = 0; ; i += 1) {
  if (way === 'write') say(writeOnce(records, i, `${from} ${i}`))
  else if (way === 'import') {
    const archive = readArchive(fs.readFileSync(files[i % files.length] ?? ''))
    importArchive(records, archive, 'theirs', false)
    say(`taken ${i % files.length}`)
  } else {
    await restoreBackup(records, fs.readFileSync(files[i % files.length] ?? ''), new Date().toISOString())
    say(`taken ${i % files.length}`)
  }
}
