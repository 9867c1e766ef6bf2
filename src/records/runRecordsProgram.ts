import { spawn } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'
import { RecordsError } from './RecordsError'

/** What the program can be asked: see programs/recordsProgram. */
export type RecordsCommand = 'verify' | 'salvage' | 'backup' | 'check'

const MAX_MEMORY_BYTES = 1024 * 1024 * 1024
const LOOK_MS = 50
const TOO_LONG = 'This file takes too long to read: it is no backup.'
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

/** Ticks of the clock by which Linux counts processor time, per second. */
const TICKS_PER_S = 100

/** Resident memory and processor time of a process; nothing where the system does not say. */
function usage(pid: number): { memoryBytes: number; processorMs: number } {
  try {
    const pages = Number(fs.readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1])
    // The name of the program, in parentheses, may have spaces.
    const [, , ...fields] = fs
      .readFileSync(`/proc/${pid}/stat`, 'utf8')
      .replace(/^.*\) /, '0 0 ')
      .split(' ')
    const ticks = Number(fields[11]) + Number(fields[12])
    return { memoryBytes: pages * 4096, processorMs: (ticks / TICKS_PER_S) * 1000 }
  } catch {
    return { memoryBytes: 0, processorMs: 0 }
  }
}

/** What the program may use before it is killed. */
export interface ProgramLimits {
  processorMs: number
  /** By the clock, which passes faster for a program when the machine is busy. */
  ms: number
  memoryBytes: number
}

/** Limits for a file: one that a person made takes a tenth of the time. */
function limitsFor(bytes: number): ProgramLimits {
  const processorMs = 4000 + bytes / 2000
  return { processorMs, ms: 5 * processorMs, memoryBytes: MAX_MEMORY_BYTES }
}

/**
 * Runs work on a file in a program of its own, which is killed when it takes too much time or memory. A file that
 * was made to harm stops that program and not this one.
 *
 * @param command - what to do
 * @param args - paths
 * @param bytes - size of the file, for the usual limits
 * @returns its answer
 * @throws RecordsError with its sentence, or with ours when it had to be killed
 */
export function runRecordsProgram(
  command: RecordsCommand,
  args: readonly string[],
  bytes: number,
  limits = limitsFor(bytes),
): Promise<unknown> {
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
    const deadline = setTimeout(() => kill(TOO_LONG), limits.ms)
    const look = setInterval(() => {
      const { memoryBytes, processorMs } = usage(child.pid ?? 0)
      if (memoryBytes > limits.memoryBytes) kill('This file takes too much memory to read: it is no backup.')
      if (processorMs > limits.processorMs) kill(TOO_LONG)
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
