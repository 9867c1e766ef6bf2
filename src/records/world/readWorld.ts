import type { InputIssue } from '@/core/base/InputError'
import { z, zodIssues } from '@/core/base/zod'
import { FileError, wholeFile } from './FileError'
import { brokenLine, withLines } from './fileLines'
import { fileIssues } from './fileIssues'
import { referenceIssues } from './referenceIssues'
import { unpack } from './unpack'
import { FORMAT, FORMAT_VERSION, type World } from './World'
import { worldSchema } from './worldSchema'

const MOST_ISSUES = 20

function parse(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
    throw new FileError([{ path: '', message: 'This is not JSON from here on.', line: brokenLine(text) }])
  }
}

/** Nested deeper than the machine can follow, whatever it is that follows. */
function notTooDeep<Value>(run: () => Value): Value {
  try {
    return run()
  } catch (error) {
    if (error instanceof RangeError) throw wholeFile('This file is nested too deep to be an export of Gold Kettle.')
    throw error
  }
}

const headSchema = z.looseObject({ format: z.literal(FORMAT), version: z.int().min(1) })

/** Says first what the file is, so that one of the wrong kind gets one sentence and not a hundred. */
function requireOurs(data: unknown): void {
  const head = headSchema.safeParse(data)
  if (!head.success) throw wholeFile('This is JSON, but not an export of Gold Kettle.')
  const { version } = head.data
  if (version > FORMAT_VERSION) {
    throw wholeFile(
      `This file was written by a newer version of Gold Kettle: its format is ${version}, this version reads up to ${FORMAT_VERSION}.`,
    )
  }
}

/**
 * Reads a file of the open format.
 *
 * @param bytes - plain or packed by gzip
 * @throws FileError naming line and field of everything that is wrong, the first twenty
 */
export function readWorld(bytes: Buffer): World {
  const text = unpack(bytes)
  const data = notTooDeep(() => parse(text))
  requireOurs(data)
  const refuse = (issues: readonly InputIssue[]): never => {
    throw new FileError(withLines(text, issues.slice(0, MOST_ISSUES)))
  }
  const checked = worldSchema.safeParse(data)
  if (!checked.success) return refuse(zodIssues(checked.error))
  const world = checked.data as World
  const issues = [...referenceIssues(world), ...fileIssues(world)]
  return issues.length > 0 ? refuse(issues) : world
}
