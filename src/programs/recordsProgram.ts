import { checkFile } from '@/records/archive/backup/checkFile'
import { salvageFile } from '@/records/archive/backup/salvageFile'
import { verifyFile } from '@/records/archive/backup/verifyFile'
import { writeBackup } from '@/records/archive/backup/backup'
import { openBeside } from '@/records/openDatabase'
import type { RecordsCommand } from '@/records/runRecordsProgram'
import { expectedMessage } from '@/records/storageErrorMessage'

// Bundled by scripts/steps/programs.mjs and started by runRecordsProgram, which may kill it at any moment.

const commands: Readonly<Record<RecordsCommand, (file: string, into: string) => unknown>> = {
  verify: verifyFile,
  salvage: salvageFile,
  check: checkFile,
  backup: (file, into) => {
    const records = openBeside(file)
    try {
      return writeBackup(records, into, new Date().toISOString())
    } finally {
      records.$client.close()
    }
  },
}

function answer(): { ok: true; value: unknown } | { ok: false; message: string } {
  const [command = '', file = '', into = ''] = process.argv.slice(2)
  const run = Object.entries(commands).find(([name]) => name === command)?.[1]
  if (!run) return { ok: false, message: `There is no command ${command}.` }
  try {
    return { ok: true, value: run(file, into) }
  } catch (error) {
    return { ok: false, message: expectedMessage(error) ?? 'This file could not be read. Nothing was changed.' }
  }
}

process.stdout.write(JSON.stringify(answer()))
