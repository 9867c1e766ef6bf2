import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'
import { replaceDamaged, restoreOverDamaged } from '@/records/archive/backup/restoreBackup'
import { backupsFolder, inTemporaryFolder } from '@/records/durableFile'
import { replaceRecords } from '@/records/database'
import { databasePath, recordsProblem } from '@/records/runningRecords'
import { RecordsError } from '@/records/RecordsError'
import { runRecordsProgram } from '@/records/runRecordsProgram'

export { recordsProblem }

/** A copy of the records in the folder of backups. */
export interface Copy {
  name: string
  file: string
  madeAt: Date
}

const MOST = 20

/** Copies beside the records that may take their place, newest first. */
export function usableCopies(): Copy[] {
  const folder = backupsFolder(databasePath())
  if (!fs.existsSync(folder)) return []
  const copies = fs.readdirSync(folder).flatMap((name): Copy[] => {
    if (!name.endsWith('.db') || name.startsWith('damaged-')) return []
    const file = path.join(folder, name)
    return [{ name, file, madeAt: fs.statSync(file).mtime }]
  })
  return copies.toSorted((a, b) => b.madeAt.getTime() - a.madeAt.getTime()).slice(0, MOST)
}

const salvageSchema = z.object({
  tables: z.array(z.object({ name: z.string(), saved: z.int(), lost: z.int() })),
})

/** What can be saved of a table of the damaged file. */
export type SalvagedTable = z.output<typeof salvageSchema>['tables'][number]

/** Saves what can be read of a file into a new one, which is deleted after its use. */
async function withSalvage<Result>(
  file: string,
  run: (saved: string, tables: SalvagedTable[]) => Result,
): Promise<Result> {
  return inTemporaryFolder(async (folder) => {
    const saved = path.join(folder, 'saved.db')
    // A copy, so that the damaged file stays as it is.
    const copy = path.join(folder, 'damaged.db')
    for (const ending of ['', '-wal']) {
      if (fs.existsSync(file + ending)) fs.copyFileSync(file + ending, copy + ending)
    }
    const { tables } = salvageSchema.parse(await runRecordsProgram('salvage', [copy, saved], fs.statSync(copy).size))
    return run(saved, tables)
  })
}

/** Tables of the damaged records with the rows that can be saved; null when there are none. */
export async function salvageable(): Promise<SalvagedTable[] | null> {
  try {
    const tables = await withSalvage(databasePath(), (_, found) => found)
    return tables.some(({ saved }) => saved > 0) ? tables.filter(({ saved, lost }) => saved + lost > 0) : null
  } catch (error) {
    if (error instanceof RecordsError) return null
    throw error
  }
}

/** What takes the place of damaged records: the rows that can be read, a copy of this machine, or a file. */
export type RecoveryChoice = { way: 'salvage' } | { way: 'copy'; name: string } | { way: 'file'; bytes: Buffer | null }

/**
 * Replaces damaged records; what was chosen is verified before anything is replaced.
 *
 * @returns path of what was there before
 * @throws RecordsError for a choice that cannot be used
 */
export async function recover(choice: RecoveryChoice, now: Date): Promise<string> {
  const nowIso = now.toISOString()
  if (choice.way === 'salvage') {
    return replaceRecords((file) => withSalvage(file, (saved) => replaceDamaged(file, saved, nowIso)))
  }
  const copy = choice.way === 'copy' ? usableCopies().find(({ name }) => name === choice.name) : undefined
  const bytes = choice.way === 'file' ? choice.bytes : copy ? fs.readFileSync(copy.file) : null
  if (bytes === null) throw new RecordsError('Choose a copy or a backup file of at most 64 MiB.')
  const { before } = await replaceRecords((file) => restoreOverDamaged(file, bytes, nowIso))
  return before
}
