import { canonicalJson, tableHash } from '@/records/archive/format/canonicalJson'
import type { Archive } from '@/records/archive/format/Archive'

/** One row per line: exports can be compared, and an error has a line number. */
function rows(lines: readonly string[], open: string, close: string): string {
  return lines.length === 0 ? open + close : `${open}\n${lines.join(',\n')}\n${close}`
}

/**
 * An archive as text, with the hash of each table: the same content gives the same bytes.
 *
 * @param archive - from exportArchive
 */
export function serializeArchive({ format, version, part, tables, files }: Archive): string {
  const tableTexts = Object.entries(tables).map(
    ([name, held]) => `${JSON.stringify(name)}: ${rows(held.map(canonicalJson), '[', ']')}`,
  )
  const hashTexts = Object.entries(tables).map(([name, held]) => `${JSON.stringify(name)}: "${tableHash(held)}"`)
  const fileTexts = Object.entries(files)
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([id, base64]) => `${JSON.stringify(id)}: ${JSON.stringify(base64)}`)
  return `${[
    '{',
    `"format": ${JSON.stringify(format)},`,
    `"version": ${version},`,
    `"part": ${JSON.stringify(part)},`,
    `"tables": ${rows(tableTexts, '{', '}')},`,
    `"hashes": ${rows(hashTexts, '{', '}')},`,
    `"files": ${rows(fileTexts, '{', '}')}`,
    '}',
  ].join('\n')}\n`
}
