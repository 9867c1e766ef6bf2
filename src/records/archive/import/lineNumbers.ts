import { visit } from 'jsonc-parser'
import type { InputIssue } from '@/core/base/InputError'
import type { FileIssue } from './FileError'

/** Thrown to stop reading. */
class Stop extends Error {}

function visitUntil(text: string, visitor: Parameters<typeof visit>[1]): void {
  try {
    visit(text, visitor, { disallowComments: true, allowTrailingComma: false })
  } catch (error) {
    if (!(error instanceof Stop)) throw error
  }
}

/** Line of the first thing that is no JSON; nothing after it is read. */
export function brokenLine(text: string): number {
  let line = 1
  visitUntil(text, {
    onError: (_, __, ___, startLine) => {
      line = startLine + 1
      throw new Stop()
    },
  })
  return line
}

/** Paths that are looked for, as a tree of their steps. */
interface Wanted {
  steps: Map<string, Wanted>
  line: number | null
}

/** One open object or array. */
interface Open {
  wanted: Wanted | undefined
  /** Index of the next element; null for an object. */
  index: number | null
  property: string
}

function wantedOf(paths: readonly string[]): Wanted {
  const root: Wanted = { steps: new Map(), line: null }
  for (const path of paths) {
    let at = root
    for (const step of path.split('.')) {
      const next = at.steps.get(step) ?? { steps: new Map(), line: null }
      at.steps.set(step, next)
      at = next
    }
  }
  return root
}

/** Line of the deepest part of a path that the file has. */
function lineOf(root: Wanted, path: string): number | null {
  let at: Wanted | undefined = root
  let line: number | null = null
  for (const step of path.split('.')) {
    at = at?.steps.get(step)
    line = at?.line ?? line
  }
  return line
}

/**
 * Adds to each issue its line of the file; for a missing field that of its row.
 *
 * @param text - of the file, which is JSON
 * @param issues - with dotted paths
 */
export function addLineNumbers(text: string, issues: readonly InputIssue[]): FileIssue[] {
  const root = wantedOf(issues.flatMap(({ path }) => (path === '' ? [] : [path])))
  const open: Open[] = []
  const begin = (line: number): Wanted | undefined => {
    const parent = open.at(-1)
    if (!parent) return root
    const wanted = parent.wanted?.steps.get(parent.index === null ? parent.property : String(parent.index))
    if (wanted) wanted.line = line + 1
    if (parent.index !== null) parent.index += 1
    return wanted
  }
  visitUntil(text, {
    onObjectBegin: (_, __, line) => void open.push({ wanted: begin(line), index: null, property: '' }),
    onArrayBegin: (_, __, line) => void open.push({ wanted: begin(line), index: 0, property: '' }),
    onObjectProperty: (property) => {
      const parent = open.at(-1)
      if (parent) parent.property = property
    },
    onObjectEnd: () => void open.pop(),
    onArrayEnd: () => void open.pop(),
    onLiteralValue: (_, __, ___, line) => void begin(line),
  })
  return issues.map((issue) => ({ ...issue, line: issue.path === '' ? null : lineOf(root, issue.path) }))
}
