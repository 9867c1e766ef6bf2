import { findNodeAtLocation, parseTree, type JSONPath, type ParseError } from 'jsonc-parser'
import type { InputIssue } from '@/core/base/InputError'
import type { FileIssue } from './FileError'

function lineAt(text: string, offset: number): number {
  let line = 1
  for (let i = text.indexOf('\n'); i !== -1 && i < offset; i = text.indexOf('\n', i + 1)) line += 1
  return line
}

function toPath(dotted: string): JSONPath {
  return dotted.split('.').map((step) => (/^\d+$/.test(step) ? Number(step) : step))
}

/** Line of the first thing that is no JSON. */
export function brokenLine(text: string): number {
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
export function withLines(text: string, issues: readonly InputIssue[]): FileIssue[] {
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
