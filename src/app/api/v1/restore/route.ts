import { receiveUpload } from '@/app/api/v1/receiveUpload'
import { database } from '@/records/database'
import { restoreBackup, verifyBackup } from '@/records/archive/backup/restoreBackup'

/** Restores a backup; a trial verifies it and reports its contents. */
export function POST(request: Request): Promise<Response> {
  return receiveUpload(request, async (bytes, _, isTrial) => {
    if (isTrial) return verifyBackup(bytes)
    const { before: _kept, ...summary } = await restoreBackup(database(), bytes, new Date().toISOString())
    return summary
  })
}
