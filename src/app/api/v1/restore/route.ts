import { revalidatePath } from 'next/cache'
import { problem } from '@/app/api/v1/problem'
import { readBody } from '@/app/api/v1/readBody'
import { database } from '@/records/database'
import { proveBackup } from '@/records/proveBackup'
import { RecordsError } from '@/records/RecordsError'
import { restoreBackup } from '@/records/restoreBackup'
import { storageSentence } from '@/records/storageSentence'
import { InputError } from '@/core/findings/InputError'
import { MOST_BYTES } from '@/records/world/unpack'

/** Puts a backup in the place of the records: `mode=preview` proves it and says what it holds, `mode=apply` does it. */
export async function POST(request: Request): Promise<Response> {
  const mode = new URL(request.url).searchParams.get('mode')
  if (mode !== 'preview' && mode !== 'apply') return problem(400, 'Say mode=preview or mode=apply.')
  const bytes = await readBody(request, MOST_BYTES)
  if (bytes === null) return problem(413, 'This file is too large to be a backup: 64 MiB at most.')
  try {
    if (mode === 'apply') {
      const { rigs, rows, photos } = restoreBackup(database(), bytes, new Date().toISOString())
      revalidatePath('/', 'layout')
      return Response.json({ rigs, rows, photos })
    }
    const { rigs, rows, photos, discard } = proveBackup(bytes)
    discard()
    return Response.json({ rigs, rows, photos })
  } catch (error) {
    if (error instanceof RecordsError || error instanceof InputError) return problem(400, error.message)
    const sentence = storageSentence(error)
    if (sentence !== null) return problem(503, sentence)
    throw error
  }
}
