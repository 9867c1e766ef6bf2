import fs from 'node:fs'
import { z } from '@/core/base/zod'
import { databasePath } from '@/records/runningRecords'
import { makeFile } from '@/records/durableFile'

const sessionSchema = z.strictObject({
  /** SHA-256 of the session's random number; the number itself is only in the browser. */
  hash: z.string().length(64),
  expiresAt: z.iso.datetime(),
})

const accessSchema = z.strictObject({
  /** scrypt of the passcode, with its parameters. */
  passcode: z.strictObject({
    salt: z.string(),
    hash: z.string(),
    cost: z.int(),
    blockSize: z.int(),
    parallelization: z.int(),
  }),
  sessions: z.array(sessionSchema),
  /** Wrong tries since the last right one, and until when none is looked at. */
  failures: z.int().min(0),
  lockedUntil: z.iso.datetime().nullable(),
})

/** Who may use the program from the network; beside the records, so that no backup carries it. */
export type Access = z.output<typeof accessSchema>

const accessPath = (): string => `${databasePath()}.access.json`

/** The access of these records; null when no passcode was set, or the file cannot be read. */
export function readAccess(): Access | null {
  try {
    return accessSchema.parse(JSON.parse(fs.readFileSync(/* turbopackIgnore: true */ accessPath(), 'utf8')))
  } catch {
    return null
  }
}

export function writeAccess(access: Access): void {
  makeFile(accessPath(), (draft) => fs.writeFileSync(draft, JSON.stringify(access), { mode: 0o600 }))
}
