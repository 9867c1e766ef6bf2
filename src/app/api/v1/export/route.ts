import { download } from '@/app/api/v1/download'
import { database } from '@/records/database'
import { exportWorld } from '@/records/archive/export/exportArchive'
import { writeWorld } from '@/records/archive/export/writeArchive'

/** Everything of the owner as one file. */
export function GET(): Response {
  return download(writeWorld(exportWorld(database())), 'gold-kettle.json', 'application/json')
}
