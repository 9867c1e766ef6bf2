import { problem } from '@/app/api/v1/problem'
import { keptVerdict } from '@/services/trips/keptVerdicts'

/** A verdict with all that it was based on, as data. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string; verdictId: string }> },
): Promise<Response> {
  const { id, verdictId } = await params
  const stored = keptVerdict(verdictId)
  if (stored?.tripId !== id) return problem(404, 'There is no such verdict.')
  return Response.json(stored, { headers: { 'content-disposition': 'attachment; filename="verdict.json"' } })
}
