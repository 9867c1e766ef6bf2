import { problem } from '@/app/api/v1/problem'
import { storedPhoto } from '@/services/archive/exports'

/** A stored photo. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const photo = storedPhoto((await params).id)
  if (!photo) return problem(404, 'There is no such picture.')
  return new Response(new Uint8Array(photo.bytes), {
    headers: { 'content-type': photo.row.type, 'cache-control': 'private, max-age=31536000, immutable' },
  })
}
