import { startRecords, stopRecords } from '@/records/database'
import { databasePath, recordsProblem } from '@/records/runningRecords'
import { RecordsError } from '@/records/RecordsError'
import { readAccess } from './access/accessFile'
import { MIN_PASSCODE } from './access/passcode'
import { binding, networkNames } from './access/servedHosts'
import { startUpkeep } from './backups/automaticBackups'

/** What server.mjs, which is no part of the build, needs of the program. */
interface Program {
  /** Why the server must not start; null when it may. */
  refusal: string | null
  /** Why the records cannot be read; null when they can. */
  problem: string | null
  /** Names by which other machines reach this one. */
  networkNames: readonly string[]
  /** Writes everything into the one file and closes it; false when another file has taken its place. */
  stop: () => boolean
}

const holder = globalThis as typeof globalThis & { goldKettleProgram?: Program }

function refusalOf(): string | null {
  const { bind, isOpen } = binding()
  if (isOpen && !readAccess()) {
    return `GOLD_KETTLE_BIND is ${bind}, so other machines could read and change your records. Set a passcode of at least ${MIN_PASSCODE} characters first: npm run passcode`
  }
  try {
    startRecords()
    return null
  } catch (error) {
    if (error instanceof RecordsError) return error.message
    throw error
  }
}

/** Opens the records and starts their upkeep. */
export function startProgram(): void {
  const refusal = refusalOf()
  const problem = recordsProblem()?.message ?? null
  const stopUpkeep = refusal === null && problem === null ? startUpkeep(databasePath()) : () => undefined
  holder.goldKettleProgram = {
    refusal,
    problem,
    networkNames: networkNames(),
    stop: () => {
      stopUpkeep()
      return stopRecords()
    },
  }
}
