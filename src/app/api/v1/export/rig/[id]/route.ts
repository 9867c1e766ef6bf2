import { download } from '@/app/api/v1/download'
import { problem } from '@/app/api/v1/problem'
import { database } from '@/records/database'
import { exportArchive } from '@/records/archive/export/exportArchive'
import { findRig } from '@/records/repositories/rigs/rigs'
import { serializeArchive } from '@/records/archive/export/serializeArchive'

/** Export of one rig: its gear without history, trips, prices and photos. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params
  if (!findRig(database(), id)) return problem(404, 'There is no such rig.')
  return download(serializeArchive(exportArchive(database(), id)), 'rig.json', 'application/json')
}
