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
