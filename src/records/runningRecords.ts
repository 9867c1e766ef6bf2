import path from 'node:path'
import type { Claim } from './claimFile'
import type { Database } from './databaseType'
import type { RecordsError } from './RecordsError'

/** The records of this server. */
export interface RunningRecords {
  claim: Claim
  /** Null when the file cannot be read. */
  database: Database | null
  /** Why it cannot. */
  problem: RecordsError | null
}

/** On the global object: the server loads modules more than once, but the file needs one connection. */
export const running = globalThis as typeof globalThis & { goldKettleRecords?: RunningRecords }

/** Why the records cannot be read; null when they can. */
export function recordsProblem(): RecordsError | null {
  return running.goldKettleRecords?.problem ?? null
}

/** Path of the records: `GOLD_KETTLE_DB`, or `data/gold-kettle.db` in the project. */
export function databasePath(): string {
  const set = process.env.GOLD_KETTLE_DB?.trim()
  return path.resolve(/* turbopackIgnore: true */ set || path.join('data', 'gold-kettle.db'))
}
