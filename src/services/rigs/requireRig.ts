import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import { findRig, type Rig } from '@/records/repositories/rigs/rigs'

/**
 * A rig of the records.
 *
 * @throws NotFoundError when there is none of this identifier
 */
export function requireRig(id: string): Rig {
  const rig = findRig(database(), id)
  if (!rig) throw new NotFoundError('rig')
  return rig
}
