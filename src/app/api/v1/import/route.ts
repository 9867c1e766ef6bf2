import { receiveUpload } from '@/app/api/v1/receiveUpload'
import { database } from '@/records/database'
import { readArchive } from '@/records/archive/import/readArchive'
import { differing, importArchive } from '@/records/archive/import/importArchive'

/** Takes a file of the open format in, all or nothing; where both have a thing and differ, `standing` says whose stands. */
export function POST(request: Request): Promise<Response> {
  return receiveUpload(request, (bytes, asked, isTrial) => {
    const standing = differing.find((one) => one === asked.get('standing')) ?? 'mine'
    return { report: importArchive(database(), readArchive(bytes), standing, isTrial) }
  })
}
