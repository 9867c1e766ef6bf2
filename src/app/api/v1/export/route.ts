import { download } from '@/app/api/v1/download'
import { exportAll } from '@/services/archive/exports'

/** Export of all records. */
export function GET(): Response {
  return download(exportAll(), 'gold-kettle.json', 'application/json')
}
