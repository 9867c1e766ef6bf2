import { revalidatePath } from 'next/cache'
import { problem } from '@/app/api/v1/problem'
import { readBody } from '@/app/api/v1/readBody'
import { InputError } from '@/core/findings/InputError'
import { database } from '@/records/database'
import { storageSentence } from '@/records/storageSentence'
import { differing, importWorld } from '@/records/world/importWorld'
import { readWorld } from '@/records/world/readWorld'
import { MOST_BYTES } from '@/records/world/unpack'

/** Takes a file of the open format in: `mode=preview` says what would change, `mode=apply` does it, all or nothing. */
export async function POST(request: Request): Promise<Response> {
  const asked = new URL(request.url).searchParams
  const mode = asked.get('mode')
  const standing = differing.find((one) => one === asked.get('standing')) ?? 'mine'
  if (mode !== 'preview' && mode !== 'apply') return problem(400, 'Say mode=preview or mode=apply.')
  const bytes = await readBody(request, MOST_BYTES)
  if (bytes === null) return problem(413, 'This file is too large to be an owner’s records: 64 MiB at most.')
  try {
    const report = importWorld(database(), readWorld(bytes), standing, mode === 'preview')
    if (mode === 'apply') revalidatePath('/', 'layout')
    return Response.json({ report })
  } catch (error) {
    if (error instanceof InputError) return problem(400, 'Nothing was taken in.', error.issues)
    const sentence = storageSentence(error)
    if (sentence !== null) return problem(503, sentence)
    throw error
  }
}
