import type { InputIssue } from '@/core/base/InputError'
import { references, rowName } from '@/records/archive/format/references'
import type { Archive } from '@/records/archive/format/Archive'
import { archiveTables } from '@/records/archive/format/archiveTables'

/**
 * Issues of duplicate rows and missing references.
 *
 * @param archive - with rows that are valid on their own
 */
export function referenceIssues({ tables }: Archive): InputIssue[] {
  const ids = new Map(archiveTables.map(({ name }) => [name, new Set((tables[name] ?? []).map(({ id }) => id))]))
  return archiveTables.flatMap(({ name, table }) => {
    const refers = references(table)
    const seen = new Set<string>()
    return (tables[name] ?? []).flatMap((row, i): InputIssue[] => {
      const path = `tables.${name}.${i}`
      const key = rowName(table, row)
      const isTwice = seen.has(key)
      seen.add(key)
      return [
        ...(isTwice ? [{ path, message: 'This row stands here twice.' }] : []),
        ...refers
          .filter((reference) => row[reference.key] !== null && !ids.get(reference.to)?.has(row[reference.key]))
          .map((reference) => ({
            path: `${path}.${reference.key}`,
            message: `There is no row of this name among the ${reference.to.replaceAll('_', ' ')} of the file.`,
          })),
      ]
    })
  })
}
