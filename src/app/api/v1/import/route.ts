import { receiveUpload } from '@/app/api/v1/receiveUpload'
import { database } from '@/records/database'
import { readArchive } from '@/records/archive/import/readArchive'
import { differing, importArchive } from '@/records/archive/import/importArchive'

/** Imports an export file, all or nothing. `standing` decides between differing rows. */
export function POST(request: Request): Promise<Response> {
  return receiveUpload(request, (bytes, asked, isTrial) => {
    const standing = differing.find((one) => one === asked.get('standing')) ?? 'mine'
    return { report: importArchive(database(), readArchive(bytes), standing, isTrial) }
  })
}
