import type { CylinderReading } from './burnSpans'

/**
 * What each measured fill put into its cylinder: what was in it then, less what the reading before it told.
 *
 * @param readings - of cylinders, in any order
 * @returns by cylinder and moment, as `left 2026-11-24T12:00:00Z`; a fill without a reading before it counts whole
 */
export function filledKg(readings: readonly CylinderReading[]): Map<string, number> {
  const heldKg = new Map<string, number>()
  const filled = new Map<string, number>()
  for (const { cylinderId, at, netKg, isFill } of readings.toSorted((a, b) => a.at.localeCompare(b.at))) {
    if (netKg === null) continue
    const addedKg = netKg - (heldKg.get(cylinderId) ?? 0)
    if (isFill && addedKg > 0) filled.set(`${cylinderId} ${at}`, addedKg)
    heldKg.set(cylinderId, netKg)
  }
  return filled
}
