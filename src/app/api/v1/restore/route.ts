import { receiveUpload } from '@/app/api/v1/receiveUpload'
import { restoreFile } from '@/services/archive/imports'

/** Restores a backup; a trial verifies it and reports its contents. */
export function POST(request: Request): Promise<Response> {
  return receiveUpload(request, (bytes, _, isTrial) => restoreFile(bytes, isTrial, new Date()))
}
