import { receiveUpload } from '@/app/api/v1/receiveUpload'
import { importFile } from '@/services/archive/imports'

/** Imports an export file, all or nothing. `standing` decides between differing rows. */
export function POST(request: Request): Promise<Response> {
  return receiveUpload(request, (bytes, asked, isTrial) => ({
    report: importFile(bytes, asked.get('standing'), isTrial),
  }))
}
