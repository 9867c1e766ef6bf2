import { download } from '@/app/api/v1/download'
import { database } from '@/records/database'
import { exportWorld } from '@/records/world/exportWorld'
import { writeWorld } from '@/records/world/writeWorld'

/** Everything of the owner as one file. */
export function GET(): Response {
  return download(writeWorld(exportWorld(database())), 'gold-kettle.json', 'application/json')
}
