import { download } from '@/app/api/v1/download'
import { problem } from '@/app/api/v1/problem'
import { makeBackup } from '@/services/archive/exports'
import { refusalOf } from '@/services/shared/refusalOf'

/** A verified backup of the present records with photos, as one file. */
export async function GET(): Promise<Response> {
  try {
    const { name, bytes } = await makeBackup(new Date())
    return download(bytes, name, 'application/vnd.sqlite3')
  } catch (error) {
    const refusal = refusalOf(error)
    if (refusal === null) throw error
    return problem(503, refusal.sentence)
  }
}
