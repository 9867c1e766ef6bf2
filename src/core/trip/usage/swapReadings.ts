import type { CylinderReading } from './burnSpans'
import type { Swap } from './swap'

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
