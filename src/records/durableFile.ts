import { randomBytes } from 'node:crypto'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'

function syncFolder(folder: string): void {
  const opened = fs.openSync(folder, 'r')
  try {
    fs.fsyncSync(opened)
  } finally {
    fs.closeSync(opened)
  }
}

/** Puts what was written to a file on disk. */
export function syncFile(file: string): void {
  const opened = fs.openSync(file, 'r+')
  try {
    fs.fsyncSync(opened)
  } finally {
    fs.closeSync(opened)
  }
}

/**
 * Makes a file that appears whole, on disk, or not at all.
 *
 * @param file - replaced if it exists
 * @param fill - writes the content to the path given to it
 */
export function makeFile(file: string, fill: (draft: string) => void): void {
  fs.mkdirSync(path.dirname(file), { recursive: true })
  const draft = `${file}.${randomBytes(4).toString('hex')}.part`
  try {
    fill(draft)
    syncFile(draft)
    fs.renameSync(draft, file)
  } catch (error) {
    for (const ending of ['', '-journal', '-wal', '-shm']) fs.rmSync(draft + ending, { force: true })
    throw error
  }
  syncFolder(path.dirname(file))
}

/** A name that no other file has: the moment and a random end. */
export function uniqueName(start: string, nowIso: string, end: string): string {
  return `${start}-${fileTimestamp(nowIso)}-${randomBytes(3).toString('hex')}${end}`
}

/** A moment as part of a file's name. */
export function fileTimestamp(nowIso: string): string {
  return nowIso.slice(0, 19).replace(/[:T]/g, '-')
}

/** Folder of the copies beside the records. */
export function backupsFolder(file: string): string {
  return path.join(/* turbopackIgnore: true */ path.dirname(file), 'backups')
}

/** Runs something with a folder of its own, which is deleted afterwards with all that is in it. */
export async function inTemporaryFolder<Result>(run: (folder: string) => Result | Promise<Result>): Promise<Result> {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-'))
  try {
    return await run(folder)
  } finally {
    fs.rmSync(folder, { recursive: true, force: true })
  }
}
