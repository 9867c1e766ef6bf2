import { takeFile } from '@/app/api/v1/takeFile'
import { database } from '@/records/database'
import { readWorld } from '@/records/archive/import/readArchive'
import { differing, importWorld } from '@/records/archive/import/importArchive'

/** Takes a file of the open format in, all or nothing; where both have a thing and differ, `standing` says whose stands. */
export function POST(request: Request): Promise<Response> {
  return takeFile(request, (bytes, asked, isTrial) => {
    const standing = differing.find((one) => one === asked.get('standing')) ?? 'mine'
    return { report: importWorld(database(), readWorld(bytes), standing, isTrial) }
  })
}
