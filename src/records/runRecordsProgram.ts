import { spawn } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'
import { RecordsError } from './RecordsError'

/** What the program can be asked: see programs/recordsProgram. */
export type RecordsCommand = 'verify' | 'salvage' | 'backup' | 'check'

const MAX_MEMORY_BYTES = 1024 * 1024 * 1024
const LOOK_MS = 50
const MAX_ANSWER = 4 * 1024 * 1024

const answerSchema = z.discriminatedUnion('ok', [
  z.object({ ok: z.literal(true), value: z.unknown() }),
  z.object({ ok: z.literal(false), message: z.string() }),
])

function programFile(): string {
  const folder = process.env.GOLD_KETTLE_PROGRAMS ?? path.join('.next', 'programs')
  const file = path.resolve(/* turbopackIgnore: true */ folder, 'recordsProgram.mjs')
  if (!fs.existsSync(/* turbopackIgnore: true */ file)) {
    throw new RecordsError('Gold Kettle is not built. Start it once by npm start.')
  }
  return file
}

/** Resident memory of a process; 0 where the system does not say. */
function residentBytes(pid: number): number {
  try {
    return Number(fs.readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1]) * 4096
  } catch {
    return 0
  }
}

/** Time for a file: one that a person made takes a tenth of it. */
function deadlineMs(bytes: number): number {
  return 4000 + bytes / 2000
}

/**
 * Runs work on a file in a program of its own, which is killed when it takes too long or too much memory. A file that
 * was made to harm stops that program and not this one.
 *
 * @param command - what to do
 * @param args - paths
 * @param bytes - size of the file, for the deadline
 * @returns its answer
 * @throws RecordsError with its sentence, or with ours when it had to be killed
 */
export function runRecordsProgram(command: RecordsCommand, args: readonly string[], bytes: number): Promise<unknown> {
  const child = spawn(process.execPath, ['--max-old-space-size=768', programFile(), command, ...args], {
    stdio: ['ignore', 'pipe', 'ignore'],
    env: { ...process.env, NODE_OPTIONS: '' },
  })
  return new Promise((resolve, reject) => {
    let said = ''
    let reason = 'This file could not be read.'
    const kill = (why: string): void => {
      reason = why
      child.kill('SIGKILL')
    }
    const deadline = setTimeout(() => kill('This file takes too long to read: it is no backup.'), deadlineMs(bytes))
    const look = setInterval(() => {
      if (child.pid && residentBytes(child.pid) > MAX_MEMORY_BYTES) {
        kill('This file takes too much memory to read: it is no backup.')
      }
    }, LOOK_MS)
    child.stdout.setEncoding('utf8')
    child.stdout.on('data', (chunk: string) => {
      said += chunk
      if (said.length > MAX_ANSWER) kill('This file could not be read.')
    })
    child.once('error', (cause) =>
      reject(new RecordsError('The program that reads files cannot be started.', { cause })),
    )
    child.once('close', () => {
      clearTimeout(deadline)
      clearInterval(look)
      let answer: z.output<typeof answerSchema>
      try {
        answer = answerSchema.parse(JSON.parse(said))
      } catch (cause) {
        return reject(new RecordsError(`${reason} Nothing was changed.`, { cause }))
      }
      if (answer.ok) resolve(answer.value)
      else reject(new RecordsError(answer.message))
    })
  })
}
