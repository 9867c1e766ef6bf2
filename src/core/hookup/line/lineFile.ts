import { InputError, type InputIssue } from '@/core/base/InputError'
import { z, zodIssues } from '@/core/base/zod'
import { type Line, lineSchema } from './line'
import { lineGraph } from './lineGraph'

/** Identifies the file format and its version. */
const LINE_FORMAT = 'gold-kettle-line'

const LINE_FORMAT_VERSION = 1

/**
 * A line as a file. Links to one rig are left out.
 *
 * @param name - of the line
 * @param line - as drawn
 */
export function writeLineFile(name: string, line: Line): string {
  const parts = line.parts.map(({ cylinderId, applianceId, equipmentId, ...part }) => part)
  return `${JSON.stringify({ format: LINE_FORMAT, version: LINE_FORMAT_VERSION, name, line: { ...line, parts } }, null, 2)}\n`
}

const fileSchema = z.strictObject({
  format: z.literal(LINE_FORMAT, { error: 'This is no line of ours.' }),
  version: z.literal(LINE_FORMAT_VERSION, {
    error: 'This was written by another version; it is not known how to read it.',
  }),
  name: z.string().trim().min(1).max(60),
  line: lineSchema,
})

/** Several issues in one error, each with its place in the file. */
class FileError extends InputError {
  override readonly issues: readonly InputIssue[]

  constructor(issues: readonly InputIssue[]) {
    super(issues[0]?.path ?? '', issues[0]?.message ?? '')
    this.issues = issues
  }
}

/**
 * Reads a line written by writeLineFile.
 *
 * @param text - of the file, not to be trusted
 * @throws InputError naming what is wrong and where: no JSON, another format, an unknown part or connection
 */
export function readLineFile(text: string): { name: string; line: Line } {
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch {
    throw new InputError('', 'This file is not JSON, or it was cut off.')
  }
  const read = fileSchema.safeParse(data)
  if (!read.success) throw new FileError(zodIssues(read.error))
  const { name, line } = read.data
  lineGraph(line)
  return { name, line }
}
