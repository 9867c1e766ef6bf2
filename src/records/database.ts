import { type Claim, claimFile, isReplaced } from './claimFile'
import { databasePath, running, type RunningRecords } from './runningRecords'
import type { Database } from './databaseType'
import { openDatabase } from './openDatabase'
import { RecordsError } from './RecordsError'
import { isDamage } from './storageErrorMessage'

function requireSound(database: Database, file: string): void {
  if (database.$client.pragma('quick_check(1)', { simple: true }) === 'ok') return
  database.$client.close()
  throw new RecordsError(`The file ${file} is damaged. Nothing was changed in it.`, { kind: 'damaged' })
}

function open(claim: Claim): RunningRecords {
  try {
    const database = openDatabase(claim.file)
    requireSound(database, claim.file)
    claim.watch(database.$client)
    return { claim, database, problem: null }
  } catch (error) {
    if (error instanceof RecordsError && error.kind === 'damaged') return { claim, database: null, problem: error }
    throw error
  }
}

/**
 * Claims and opens the records of this server. A damaged file is no failure: recordsProblem says so, and a backup can
 * take its place.
 *
 * @throws RecordsError with a sentence when the server must not start
 */
export function startRecords(): void {
  if (running.goldKettleRecords) return
  const claim = claimFile(databasePath())
  try {
    running.goldKettleRecords = open(claim)
  } catch (error) {
    claim.release()
    throw error
  }
}

/**
 * The open records of this server.
 *
 * @throws RecordsError when they are damaged
 */
export function database(): Database {
  startRecords()
  const { database: opened, problem } = running.goldKettleRecords ?? {}
  if (opened) return opened
  throw problem ?? new RecordsError('The records are closed.')
}

/** Notes that reading the records failed, when that is what an error says. */
export function noteDamage(error: unknown): void {
  if (isDamage(error)) markDamaged(error instanceof Error ? error.message : '')
}

/** Notes that the records are damaged: from now on every page leads to the recovery page. */
export function markDamaged(reason: string): void {
  const records = running.goldKettleRecords
  if (!records) return
  records.problem = new RecordsError(`The file ${records.claim.file} is damaged: ${reason}`, { kind: 'damaged' })
}

/**
 * Closes damaged records, lets their file be replaced, and opens what is there then.
 *
 * @throws RecordsError when the records are not damaged, or `replace` refuses
 */
export async function replaceRecords<Result>(replace: (file: string) => Promise<Result>): Promise<Result> {
  const records = running.goldKettleRecords
  if (!records?.problem) throw new RecordsError('The records can be read. Restore a backup under Your data.')
  if (records.database?.$client.open) records.database.$client.close()
  records.database = null
  try {
    return await replace(records.claim.file)
  } finally {
    records.claim.release()
    delete running.goldKettleRecords
    startRecords()
  }
}

/**
 * Writes the log into the file and closes it, so that the one file is everything.
 *
 * @returns false when another file has taken its place: then nothing is written into that
 */
export function stopRecords(): boolean {
  const records = running.goldKettleRecords
  if (!records) return true
  const { database: opened, claim } = records
  if (opened && isReplaced(opened.$client)) return false
  if (opened?.$client.open) {
    opened.$client.pragma('wal_checkpoint(TRUNCATE)')
    opened.$client.close()
  }
  claim.release()
  delete running.goldKettleRecords
  return true
}
