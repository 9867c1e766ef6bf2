import fs from 'node:fs'
import path from 'node:path'
import { writeBackup } from '@/records/archive/backup/backup'
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
  } else if (way === 'backup') {
    const name = path.join(path.dirname(file), 'backups', `${from}-${i}.db`)
    writeBackup(records, name, new Date().toISOString())
    say(name)
  } else if (way === 'migrate') {
    // Each time a file of 0.6.0, opened as a start does.
    const older = path.join(path.dirname(file), `${from}-${i}.db`)
    fs.copyFileSync(files[0] ?? '', older)
    say(older)
    openDatabase(older).$client.close()
  } else {
    await restoreBackup(records, fs.readFileSync(files[i % files.length] ?? ''), new Date().toISOString())
    say(`taken ${i % files.length}`)
  }
}
