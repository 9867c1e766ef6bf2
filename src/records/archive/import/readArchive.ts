import { findNodeAtLocation, parseTree, type JSONPath, type ParseError } from 'jsonc-parser'
import type { InputIssue } from '@/core/base/InputError'
import { z, zodIssues } from '@/core/base/zod'
import { type Archive, FORMAT, FORMAT_VERSION } from '@/records/archive/format/Archive'
import { archiveSchema } from '@/records/archive/format/archiveSchema'
import { photoTypeOf } from '@/records/repositories/photos'
import { type FileIssue, FileError, fileFault } from './FileError'
import { referenceIssues } from './referenceIssues'
import { unpack } from './unpack'

/** Issues of photos: no image, or no row that refers to it. */
function fileIssues({ tables, files }: Archive): InputIssue[] {
  const rows = new Map([...(tables.photos ?? []), ...(tables.manual_pages ?? [])].map((row) => [row.id, row]))
  return Object.entries(files).flatMap(([id, base64]): InputIssue[] => {
    const path = `files.${id}`
    const row = rows.get(id)
    if (!row) return [{ path, message: 'No picture of this name is among the tables.' }]
    const bytes = Buffer.from(base64, 'base64')
    if (bytes.toString('base64') !== base64) return [{ path, message: 'This is not base64.' }]
    if (photoTypeOf(bytes) !== row.type) return [{ path, message: 'This is no picture of the kind its row names.' }]
    return bytes.length === row.bytes ? [] : [{ path, message: 'This picture is not as long as its row says.' }]
  })
}

function lineAt(text: string, offset: number): number {
  let line = 1
  for (let i = text.indexOf('\n'); i !== -1 && i < offset; i = text.indexOf('\n', i + 1)) line += 1
  return line
}

function toPath(dotted: string): JSONPath {
  return dotted.split('.').map((step) => (/^\d+$/.test(step) ? Number(step) : step))
}

/** Line of the first thing that is no JSON. */
function brokenLine(text: string): number {
  const errors: ParseError[] = []
  parseTree(text, errors, { disallowComments: true, allowTrailingComma: false })
  return lineAt(text, errors[0]?.offset ?? 0)
}

/**
 * Puts the line of the file to each fault; of a field that is missing, the line of the row it is missing in.
 *
 * @param text - of the file, which is JSON
 * @param issues - with dotted paths
 */
function addLineNumbers(text: string, issues: readonly InputIssue[]): FileIssue[] {
  const tree = parseTree(text)
  return issues.map((issue) => {
    if (!tree || issue.path === '') return { ...issue, line: null }
    for (let path = toPath(issue.path); path.length > 0; path = path.slice(0, -1)) {
      const node = findNodeAtLocation(tree, path)
      if (node) return { ...issue, line: lineAt(text, node.offset) }
    }
    return { ...issue, line: null }
  })
}

const MAX_ISSUES = 20

function parse(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
    throw new FileError([{ path: '', message: 'This is not JSON from here on.', line: brokenLine(text) }])
  }
}

/** Nested too deeply to parse. */
function notTooDeep<Value>(run: () => Value): Value {
  try {
    return run()
  } catch (error) {
    if (error instanceof RangeError) throw fileFault('This file is nested too deep to be an export of Gold Kettle.')
    throw error
  }
}

const headSchema = z.looseObject({ format: z.literal(FORMAT), version: z.int().min(1) })

/** Checked first, so that a file of the wrong kind gives one sentence instead of a hundred. */
function requireOurs(data: unknown): void {
  const head = headSchema.safeParse(data)
  if (!head.success) throw fileFault('This is JSON, but not an export of Gold Kettle.')
  const { version } = head.data
  if (version > FORMAT_VERSION) {
    throw fileFault(
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
export function readArchive(bytes: Buffer): Archive {
  const text = unpack(bytes)
  const data = notTooDeep(() => parse(text))
  requireOurs(data)
  const refuse = (issues: readonly InputIssue[]): never => {
    throw new FileError(addLineNumbers(text, issues.slice(0, MAX_ISSUES)))
  }
  const checked = archiveSchema.safeParse(data)
  if (!checked.success) return refuse(zodIssues(checked.error))
  const archive = checked.data as Archive
  const issues = [...referenceIssues(archive), ...fileIssues(archive)]
  return issues.length > 0 ? refuse(issues) : archive
}
