import type { InputIssue } from '@/core/base/InputError'
import { photoTypeOf } from '@/records/photos'
import type { World } from './World'

/** Pictures that are none, and such as belong to nothing. */
export function fileIssues({ tables, files }: World): InputIssue[] {
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
