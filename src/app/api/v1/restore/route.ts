import { receiveUpload } from '@/app/api/v1/receiveUpload'
import { database } from '@/records/database'
import { verifyBackup } from '@/records/archive/backup/verifyBackup'
import { restoreBackup } from '@/records/archive/backup/restoreBackup'

/** Restores a backup; a trial verifies it and reports its contents. */
export function POST(request: Request): Promise<Response> {
  return receiveUpload(request, (bytes, _, isTrial) => {
    if (!isTrial) {
      const { rigs, rows, photos } = restoreBackup(database(), bytes, new Date().toISOString())
      return { rigs, rows, photos }
    }
    const { rigs, rows, photos, discard } = verifyBackup(bytes)
    discard()
    return { rigs, rows, photos }
  })
}
