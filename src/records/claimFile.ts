import Sqlite from 'better-sqlite3'
import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'
import { makeFile } from './durableFile'
import { newIdentity, readHeader } from './fileHeader'
import { RecordsError } from './RecordsError'

/**
 * What stands beside the records in `….state.json`. The identity is a number in the header of the file that each start
 * changes, so that a log that an interrupted run left behind is never applied to another file.
 */
const stateSchema = z.object({
  identity: z.int(),
  /** When the whole file was last checked. */
  checkedAt: z.iso.datetime().nullable(),
})

type FileState = z.output<typeof stateSchema>

const nothing: FileState = { identity: 0, checkedAt: null }

const statePath = (file: string): string => `${file}.state.json`

function readState(file: string): FileState | null {
  try {
    return stateSchema.parse(JSON.parse(fs.readFileSync(/* turbopackIgnore: true */ statePath(file), 'utf8')))
  } catch {
    return null
  }
}

function writeState(file: string, state: FileState): void {
  makeFile(statePath(file), (draft) => fs.writeFileSync(draft, JSON.stringify(state)))
}

/** When the whole file was last checked; null when it never was. */
export function lastCheck(file: string): string | null {
  return readState(file)?.checkedAt ?? null
}

/** Notes that the whole file was checked. */
export function noteCheck(file: string, checkedAt: string): void {
  writeState(file, { ...(readState(file) ?? nothing), checkedAt })
}

/** The right to use a file, which one program has at a time. */
export interface Claim {
  file: string
  /** Gives the open file a new identity and watches from now on that no other file takes its place. */
  watch: (client: Sqlite.Database) => void
  release: () => void
}

/**
 * A lock of the operating system on an open side file: it ends with the program, however that ends.
 *
 * SQLite's own locking is used, because Node has none.
 */
function lock(file: string): () => void {
  fs.mkdirSync(path.dirname(file), { recursive: true })
  const client = new Sqlite(`${file}.lock`)
  try {
    client.pragma('busy_timeout = 2000')
    client.exec('BEGIN EXCLUSIVE')
  } catch (cause) {
    client.close()
    if ((cause as NodeJS.ErrnoException).code !== 'SQLITE_BUSY') throw cause
    throw new RecordsError(`Gold Kettle is already running with the file ${file}. Use that one, or stop it first.`, {
      cause,
    })
  }
  return () => {
    client.close()
  }
}

/** Refuses the log of another file, which SQLite would apply to this one. */
function requireOwnLog(file: string): void {
  const log = `${file}-wal`
  if (!fs.existsSync(log) || fs.statSync(log).size === 0) return
  const advice = `Move ${log} and ${file}-shm to another folder, and start again.`
  if (!fs.existsSync(file)) {
    throw new RecordsError(`The file ${file} is gone, but changes to it are still in ${log}. ${advice}`)
  }
  const state = readState(file)
  if (state === null) return
  const opened = fs.openSync(file, 'r')
  const { identity } = readHeader(opened)
  fs.closeSync(opened)
  if (identity === state.identity) return
  throw new RecordsError(
    `The file ${file} was replaced, but ${log} has changes to the file that was there before. ${advice}`,
  )
}

const watched = new WeakMap<Sqlite.Database, () => boolean>()

function watch(client: Sqlite.Database, file: string): () => void {
  const identity = newIdentity()
  client.pragma(`user_version = ${identity}`)
  // Into the file itself, where the next start looks for it; if that is interrupted here, the log is empty.
  client.pragma('wal_checkpoint(TRUNCATE)')
  writeState(file, { ...(readState(file) ?? nothing), identity })
  // Kept open: closing it would end the locks that this process has on the file.
  const opened = fs.openSync(file, 'r')
  const { dev, ino } = fs.fstatSync(opened)
  watched.set(client, () => {
    const found = fs.statSync(file, { throwIfNoEntry: false })
    return found?.dev === dev && found.ino === ino && readHeader(opened).identity === identity
  })
  return () => fs.closeSync(opened)
}

/** Whether another file has taken the place of the one that is open. */
export function isReplaced(client: Sqlite.Database): boolean {
  return watched.get(client)?.() === false
}

/**
 * Claims the records for this program.
 *
 * @throws RecordsError when another program has them, or a log of another file is beside them
 */
export function claimFile(file: string): Claim {
  const unlock = lock(file)
  try {
    requireOwnLog(file)
  } catch (error) {
    unlock()
    throw error
  }
  let unwatch = (): void => undefined
  return {
    file,
    watch: (client) => {
      unwatch = watch(client, file)
    },
    release: () => {
      unwatch()
      unlock()
    },
  }
}
