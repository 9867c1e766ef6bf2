import { database } from '@/records/database'
import {
  findVerdict,
  lastVerdict,
  listVerdicts,
  type StoredVerdict,
  type VerdictHead,
} from '@/records/repositories/trips/verdicts'

/** Kept verdicts of a trip, newest first. */
export function keptVerdictsOf(tripId: string): VerdictHead[] {
  return listVerdicts(database(), tripId)
}

/** A kept verdict with all that it was based on. */
export function keptVerdict(id: string): StoredVerdict | undefined {
  return findVerdict(database(), id)
}

/** The last verdict of a trip with nothing open: ready, or the owner’s call. */
export function lastClearVerdict(tripId: string): StoredVerdict | undefined {
  return lastVerdict(database(), tripId, ['ready', 'your-call'])
}
