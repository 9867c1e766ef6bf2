import { download } from '@/app/api/v1/download'
import { database } from '@/records/database'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { serializeArchive } from '@/records/archive/export/serializeArchive'

/** Export of all records. */
export function GET(): Response {
  return download(serializeArchive(exportArchive(database())), 'gold-kettle.json', 'application/json')
}
