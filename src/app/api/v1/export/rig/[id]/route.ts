import { download } from '@/app/api/v1/download'
import { problem } from '@/app/api/v1/problem'
import { exportRig } from '@/services/archive/exports'

/** Export of one rig: its gear without history, trips, prices and photos. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const exported = exportRig((await params).id)
  if (exported === null) return problem(404, 'There is no such rig.')
  return download(exported, 'rig.json', 'application/json')
}
