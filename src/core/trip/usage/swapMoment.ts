import { InputError } from '@/core/base/InputError'

/** Two clocks are not one. */
const AHEAD_MS = 5 * 60_000
const YEAR_MS = 366 * 86_400_000

/**
 * The moment of a swap as an owner tells it; one to come, or of another year, is a slip of the hand.
 *
 * @param swappedAt - ISO 8601; null for just now
 * @param nowIso - the moment of telling
 * @returns ISO 8601, in UTC
 * @throws InputError at `swappedAt`
 */
export function swapMoment(swappedAt: string | null, nowIso: string): string {
  const nowMs = Date.parse(nowIso)
  const atMs = swappedAt === null ? nowMs : Date.parse(swappedAt)
  if (atMs > nowMs + AHEAD_MS) throw new InputError('swappedAt', 'That is still to come.')
  if (atMs < nowMs - YEAR_MS) throw new InputError('swappedAt', 'That is more than a year ago. Check the year.')
  return new Date(atMs).toISOString()
}
