import { revalidatePath } from 'next/cache'
import { problem } from '@/app/api/v1/problem'
import { readBody } from '@/app/api/v1/readBody'
import { InputError } from '@/core/base/InputError'
import { LARGEST_FILE } from '@/services/archive/imports'
import { refusalOf } from '@/services/shared/refusalOf'

/**
 * Takes a file that was sent: `mode=preview` only looks at it, `mode=apply` lets it change the records; what can go
 * wrong becomes an answer.
 *
 * @param request - with the file as its body
 * @param take - does it; with the last argument true nothing is changed
 */
export async function receiveUpload(
  request: Request,
  take: (bytes: Buffer, asked: URLSearchParams, isTrial: boolean) => object | Promise<object>,
): Promise<Response> {
  const asked = new URL(request.url).searchParams
  const mode = asked.get('mode')
  if (mode !== 'preview' && mode !== 'apply') return problem(400, 'Say mode=preview or mode=apply.')
  const bytes = await readBody(request, LARGEST_FILE)
  if (bytes === null) return problem(413, 'This file is too large: 64 MiB at most.')
  try {
    const answer = await take(bytes, asked, mode === 'preview')
    if (mode === 'apply') revalidatePath('/', 'layout')
    return Response.json(answer)
  } catch (error) {
    if (error instanceof InputError) return problem(400, 'Nothing was imported.', error.issues)
    const refusal = refusalOf(error)
    if (refusal === null) throw error
    return problem(refusal.isOfDisk ? 503 : 400, refusal.sentence)
  }
}
