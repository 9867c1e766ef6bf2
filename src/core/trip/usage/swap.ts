import { InputError } from '@/core/base/InputError'
import type { CylinderReading } from './burnSpans'

/** What one finds of a cylinder that gave out, when one lifts it. */
export const swapFinds = ['empty', 'cold', 'not-told'] as const

export type SwapFind = (typeof swapFinds)[number]

export const swapFindLabels: Readonly<Record<SwapFind, string>> = {
  empty: 'light: it is empty',
  cold: 'still heavy: only cold',
  'not-told': 'not lifted',
}

/** One cylinder taken over by another. */
export interface Swap {
  /** The one that gave out. */
  cylinderId: string
  /** The one opened in its place; null when there was none. */
  otherId: string | null
  /** ISO 8601. */
  swappedAt: string
  /** Whether the other had stayed shut until then; null when unknown. */
  otherShut: boolean | null
}

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

/**
 * What swaps tell of the cylinders that were opened: one that had stayed shut until then held what it last held.
 *
 * @param readings - of the rig’s cylinders, in any order
 * @param swaps - of the rig
 * @returns a reading for each such cylinder; none for one of which nothing was told before
 */
export function swapReadings(readings: readonly CylinderReading[], swaps: readonly Swap[]): CylinderReading[] {
  return swaps.flatMap(({ otherId, otherShut, swappedAt }): CylinderReading[] => {
    if (otherId === null || otherShut !== true) return []
    const swappedMs = Date.parse(swappedAt)
    const before = readings
      .filter(({ cylinderId, at }) => cylinderId === otherId && Date.parse(at) <= swappedMs)
      .toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at) || Number(a.isFill) - Number(b.isFill))
      .at(-1)
    const netKg = before?.netKg ?? null
    return netKg === null ? [] : [{ cylinderId: otherId, at: swappedAt, netKg, isFill: false }]
  })
}
