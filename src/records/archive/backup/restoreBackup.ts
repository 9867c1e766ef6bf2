import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'
import type { Database } from '@/records/databaseType'
import { backupsFolder, inTemporaryFolder, makeFile, uniqueName } from '@/records/durableFile'
import { SIDE_ENDINGS } from '@/records/openDatabase'
import { RecordsError } from '@/records/RecordsError'
import { raiseSequence, readSequence } from '@/records/repositories/appendEvent'
import { runRecordsProgram } from '@/records/runRecordsProgram'
import { write } from '@/records/write'
import { writeBackup } from './backup'
import { columnsOf, copiedTables, withoutTriggers } from './rawTables'

const summarySchema = z.object({
  rigs: z.array(z.string()),
  rows: z.int(),
  photos: z.int(),
  madeAt: z.string().nullable(),
  isVerifiable: z.boolean(),
})

/** What a backup holds: see verifyFile. */
export type BackupSummary = z.output<typeof summarySchema>

/**
 * Verifies a backup in a program of its own and hands over the new file that was made of it.
 *
 * @param bytes - of the backup
 * @param run - may read or copy the new file, which is deleted afterwards
 * @throws RecordsError with a sentence; nothing was changed
 */
async function withVerified<Result>(
  bytes: Buffer,
  run: (file: string, summary: BackupSummary) => Result,
): Promise<Result> {
  if (!bytes.toString('latin1', 0, 15).startsWith('SQLite format 3')) {
    throw new RecordsError(
      'This is no backup: a backup of Gold Kettle is a database file. Import an export under Import.',
    )
  }
  return inTemporaryFolder(async (folder) => {
    const given = path.join(folder, 'given.db')
    fs.writeFileSync(given, bytes)
    const verified = path.join(folder, 'verified.db')
    const summary = summarySchema.parse(await runRecordsProgram('verify', [given, verified], bytes.length))
    return run(verified, summary)
  })
}

/** Verifies that a backup can replace the records, without touching them. */
export function verifyBackup(bytes: Buffer): Promise<BackupSummary> {
  return withVerified(bytes, (_, summary) => summary)
}

/** One transaction: an interruption leaves either the old or the new records. */
function replaceRows(database: Database): void {
  const client = database.$client
  const tables = copiedTables(client)
  write(database, (records) => {
    const sequence = readSequence(database)
    withoutTriggers(client, () => {
      for (const table of tables.toReversed()) client.exec(`DELETE FROM main.${table}`)
      for (const table of tables) {
        const columns = columnsOf(client, table).join(', ')
        client.exec(`INSERT INTO main.${table} (${columns}) SELECT ${columns} FROM restored.${table} ORDER BY rowid`)
      }
    })
    raiseSequence(records, sequence)
  })
}

/** Name for the records that a restore replaces. */
function pathBefore(file: string, start: string, nowIso: string): string {
  return path.join(backupsFolder(file), uniqueName(start, nowIso, '.db'))
}

/**
 * Replaces the records by a backup, which is verified first; the present records are saved as a backup beside them.
 *
 * @param bytes - of the backup
 * @param nowIso - for the name of the copy
 * @returns what was restored, and the file of the previous records
 * @throws RecordsError with a sentence; nothing was changed
 */
export function restoreBackup(
  database: Database,
  bytes: Buffer,
  nowIso: string,
): Promise<BackupSummary & { before: string }> {
  return withVerified(bytes, (file, summary) => {
    const client = database.$client
    const before = pathBefore(client.name, 'before-restore', nowIso)
    writeBackup(database, before, nowIso)
    client.prepare('ATTACH ? AS restored').run(file)
    try {
      replaceRows(database)
    } finally {
      client.exec('DETACH restored')
    }
    return { ...summary, before }
  })
}

/** Moves a file that cannot be opened aside, with what SQLite keeps beside it. */
function moveAside(file: string, nowIso: string): string {
  const before = pathBefore(file, 'damaged', nowIso)
  fs.mkdirSync(path.dirname(before), { recursive: true })
  for (const ending of SIDE_ENDINGS) {
    if (fs.existsSync(file + ending)) fs.renameSync(file + ending, before + ending)
  }
  if (fs.existsSync(file)) fs.renameSync(file, before)
  return before
}

/** Puts a file in the place of records that cannot be opened; those are moved aside, never deleted. */
export function replaceDamaged(file: string, by: string, nowIso: string): string {
  const before = moveAside(file, nowIso)
  makeFile(file, (draft) => fs.copyFileSync(by, draft))
  return before
}

/**
 * Puts a backup in the place of records that cannot be opened.
 *
 * @param file - path of the damaged records, which no one has open
 * @throws RecordsError with a sentence; nothing was changed
 */
export function restoreOverDamaged(
  file: string,
  bytes: Buffer,
  nowIso: string,
): Promise<BackupSummary & { before: string }> {
  return withVerified(bytes, (verified, summary) => ({ ...summary, before: replaceDamaged(file, verified, nowIso) }))
}
