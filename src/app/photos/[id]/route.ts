import { problem } from '@/app/api/v1/problem'
import { database } from '@/records/database'
import { readPhoto } from '@/records/repositories/photos'

/** A stored photo. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const photo = readPhoto(database(), (await params).id)
  if (!photo) return problem(404, 'There is no such picture.')
  return new Response(new Uint8Array(photo.bytes), {
    headers: { 'content-type': photo.row.type, 'cache-control': 'private, max-age=31536000, immutable' },
  })
}
