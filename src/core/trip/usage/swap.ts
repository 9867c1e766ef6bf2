import { InputError } from '@/core/base/InputError'
import { type CylinderReading, inOrder } from './burnSpans'

/** How a cylinder that ran out feels when lifted. */
export const swapFinds = ['empty', 'cold', 'not-told'] as const

export type SwapFind = (typeof swapFinds)[number]

export const swapFindLabels: Readonly<Record<SwapFind, string>> = {
  empty: 'light: it is empty',
  cold: 'still heavy: only cold',
  'not-told': 'not lifted',
}

/** A swap of cylinders. */
export interface Swap {
  /** Cylinder that ran out. */
  cylinderId: string
  /** Cylinder opened instead; null for none. */
  otherId: string | null
  /** ISO 8601. */
  swappedAt: string
  /** Whether the other had stayed closed until then; null when unknown. */
  otherShut: boolean | null
}

/** Tolerance for differing clocks. */
const AHEAD_MS = 5 * 60_000

const YEAR_MS = 366 * 86_400_000

/**
 * Time of a swap as entered; a future one or one over a year ago is refused.
 *
 * @param swappedAt - ISO 8601; null for just now
 * @param nowIso - time of entry
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
 * Readings from swaps: a cylinder that had stayed closed still holds its last contents.
 *
 * @param readings - of the rig’s cylinders, in any order
 * @param swaps - of the rig
 * @returns a reading for each such cylinder that was measured before
 */
export function swapReadings(readings: readonly CylinderReading[], swaps: readonly Swap[]): CylinderReading[] {
  return swaps.flatMap(({ otherId, otherShut, swappedAt }): CylinderReading[] => {
    if (otherId === null || otherShut !== true) return []
    const swappedMs = Date.parse(swappedAt)
    const before = readings
      .filter(({ cylinderId, at }) => cylinderId === otherId && Date.parse(at) <= swappedMs)
      .toSorted(inOrder)
      .at(-1)
    const netKg = before?.netKg ?? null
    return netKg === null ? [] : [{ cylinderId: otherId, at: swappedAt, netKg, isFill: false }]
  })
}
