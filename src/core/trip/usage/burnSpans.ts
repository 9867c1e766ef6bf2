/** What a cylinder held at a moment, by scale or gauge, or just after a fill. */
export interface CylinderReading {
  cylinderId: string
  /** ISO 8601. */
  at: string
  /** Null for a fill that was not measured. */
  netKg: number | null
  isFill: boolean
}

/** Gas that left a cylinder between two readings. */
export interface BurnSpan {
  cylinderId: string
  fromMs: number
  toMs: number
  kg: number
}

/** A reading so shortly before a fill tells what was in it when it was filled. */
const JUST_BEFORE_MS = 2 * 3_600_000

/**
 * What was burnt between the readings of cylinders.
 *
 * What left a cylinder between a reading and a later fill is not known and makes no span; neither does a cylinder that
 * weighs more without a fill.
 *
 * @param readings - in any order
 * @returns by cylinder and time; `isUnknown` spans carry no gas
 */
export function burnSpans(readings: readonly CylinderReading[]): (BurnSpan & { isUnknown: boolean })[] {
  const inTime = readings.toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at) || Number(a.isFill) - Number(b.isFill))
  const ids = [...new Set(inTime.map(({ cylinderId }) => cylinderId))]
  return ids.flatMap((cylinderId) => {
    const own = inTime.filter((reading) => reading.cylinderId === cylinderId)
    return own.slice(1).map((next, i) => {
      const before = own[i] ?? next
      const fromMs = Date.parse(before.at)
      const toMs = Date.parse(next.at)
      const isMeasured = before.netKg !== null && next.netKg !== null
      const isUnknown = !isMeasured || (next.isFill && toMs - fromMs > JUST_BEFORE_MS)
      const kg = next.isFill ? 0 : Math.max(0, (before.netKg ?? 0) - (next.netKg ?? 0))
      return { cylinderId, fromMs, toMs, kg: isMeasured ? kg : 0, isUnknown }
    })
  })
}
