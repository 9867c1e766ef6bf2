import fs from 'node:fs'
import path from 'node:path'
import { lastCheck, noteCheck } from '@/records/claimFile'
import { backupsFolder, fileTimestamp } from '@/records/durableFile'
import { markDamaged } from '@/records/database'
import { RecordsError } from '@/records/RecordsError'
import { databasePath } from '@/records/runningRecords'
import { runRecordsProgram } from '@/records/runRecordsProgram'
import { z } from '@/core/base/zod'
import { backupsToKeep } from './backupsToKeep'

const DAY_MS = 24 * 3600 * 1000
const CHECK_MS = 7 * DAY_MS
const LOOK_MS = 3600 * 1000

/** An automatic backup on disk. */
export interface AutomaticBackup {
  name: string
  file: string
  madeAt: Date
}

const STAMP = /-auto-(\d{4}-\d\d-\d\d)-(\d\d)-(\d\d)-(\d\d)\.db$/

/** Automatic backups of a file, newest first. */
export function listAutomaticBackups(file: string): AutomaticBackup[] {
  const folder = backupsFolder(file)
  if (!fs.existsSync(folder)) return []
  const start = `${path.basename(file, '.db')}-auto-`
  const found = fs.readdirSync(folder).flatMap((name): AutomaticBackup[] => {
    const [, day, hour, minute, second] = STAMP.exec(name) ?? []
    if (!name.startsWith(start) || !day) return []
    return [{ name, file: path.join(folder, name), madeAt: new Date(`${day}T${hour}:${minute}:${second}Z`) }]
  })
  return found.toSorted((a, b) => b.madeAt.getTime() - a.madeAt.getTime())
}

/** Deletes what interrupted backups left. */
function deleteDrafts(folder: string, now: Date): void {
  for (const name of fs.readdirSync(folder)) {
    const file = path.join(folder, name)
    if (name.endsWith('.part') && now.getTime() - fs.statSync(file).mtimeMs > DAY_MS) fs.rmSync(file, { force: true })
  }
}

/** Makes and verifies an automatic backup, then deletes those that are no longer kept. */
export async function makeAutomaticBackup(file: string, now: Date): Promise<void> {
  const name = `${path.basename(file, '.db')}-auto-${fileTimestamp(now.toISOString())}.db`
  await runRecordsProgram('backup', [file, path.join(backupsFolder(file), name)], fs.statSync(file).size)
  const all = listAutomaticBackups(file)
  const kept = new Set(
    backupsToKeep(
      all.map(({ madeAt }) => madeAt),
      now,
    ),
  )
  for (const one of all) if (!kept.has(one.madeAt)) fs.rmSync(one.file, { force: true })
  deleteDrafts(backupsFolder(file), now)
}

const checkSchema = z.object({ isDamaged: z.boolean(), wrong: z.array(z.string()) })

/**
 * Checks the whole file and notes when. Damage leads every page to the recovery page.
 *
 * @returns what is wrong; nothing for a sound file
 */
export async function checkRecords(file: string, now: Date): Promise<string[]> {
  const { isDamaged, wrong } = checkSchema.parse(await runRecordsProgram('check', [file], fs.statSync(file).size))
  if (wrong.length === 0) noteCheck(file, now.toISOString())
  if (isDamaged) markDamaged(wrong.join(' '))
  return wrong
}

/**
 * Checks the records of this server.
 *
 * @throws RecordsError with what is wrong
 */
export async function requireSoundFile(now: Date): Promise<null> {
  const wrong = await checkRecords(databasePath(), now)
  if (wrong.length === 0) return null
  throw new RecordsError(`The file is not sound: ${wrong.join(' ')} Open any page to choose what takes its place.`)
}

/** Where the records are, the newest automatic backup, and when the whole file was last checked; null for never. */
export function fileState(): { file: string; newest: AutomaticBackup | null; checkedAt: string | null } {
  const file = databasePath()
  return { file, newest: listAutomaticBackups(file)[0] ?? null, checkedAt: lastCheck(file) }
}

/** What the upkeep of the running program last ran into; null when all went well. */
let problem: string | null = null

export function upkeepProblem(): string | null {
  return problem
}

async function upkeep(file: string): Promise<void> {
  const now = new Date()
  const newest = listAutomaticBackups(file)[0]?.madeAt.getTime() ?? 0
  // The clock may have been ahead.
  if (Math.abs(now.getTime() - newest) >= DAY_MS) await makeAutomaticBackup(file, now)
  const checked = Date.parse(lastCheck(file) ?? '') || 0
  if (Math.abs(now.getTime() - checked) < CHECK_MS) return
  const wrong = await checkRecords(file, now)
  if (wrong.length > 0) throw new RecordsError(`The weekly check found damage: ${wrong.join(' ')}`)
}

/**
 * Makes a backup each day and checks the file each week while the program runs.
 *
 * @returns stops it
 */
export function startUpkeep(file: string): () => void {
  const look = (): void => {
    upkeep(file).then(
      () => (problem = null),
      (error: unknown) => {
        problem = error instanceof RecordsError ? error.message : 'The automatic backup failed. Make a backup by hand.'
      },
    )
  }
  look()
  const timer = setInterval(look, LOOK_MS)
  timer.unref()
  return () => clearInterval(timer)
}
