import { compareInstants } from '@/core/time/instant'

/** Contents of a cylinder at a time, by scale or gauge, or just after a fill. */
export interface CylinderReading {
  cylinderId: string
  /** ISO 8601. */
  at: string
  /** Null for a fill that was not measured. */
  netKg: number | null
  isFill: boolean
}

/** Order of readings in time; of two at the same instant the fill comes last. */
export function inOrder(a: CylinderReading, b: CylinderReading): number {
  return compareInstants(a.at, b.at) || Number(a.isFill) - Number(b.isFill)
}

/** Gas that left a cylinder between two readings. */
export interface BurnSpan {
  cylinderId: string
  fromMs: number
  toMs: number
  kg: number
}

/** Longest time between a reading and a fill that still gives the contents at the fill. */
const JUST_BEFORE_MS = 2 * 3_600_000

/**
 * Gas burned between readings of cylinders.
 *
 * Use between a reading and a later fill is unknown and gives no span; neither does a cylinder that
 * weighs more without a fill.
 *
 * @param readings - in any order
 * @returns by cylinder and time; `isUnknown` spans carry no gas
 */
export function burnSpans(readings: readonly CylinderReading[]): (BurnSpan & { isUnknown: boolean })[] {
  const inTime = readings.toSorted(inOrder)
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

/** A stretch of time, in milliseconds since 1970. */
export interface Stretch {
  startMs: number
  endMs: number
}

const overlapMs = (fromMs: number, toMs: number, { startMs, endMs }: Stretch): number =>
  Math.max(0, Math.min(toMs, endMs) - Math.max(fromMs, startMs))

/**
 * Gas burned in a part of a trip. Between trips nothing burns: what left a cylinder between two readings burned on the
 * trips between them, by their share of time.
 *
 * @param spans - from burnSpans
 * @param part - the trip, or a day of it
 * @param trips - of the rig, this one among them
 */
export function burnedOnTripKg(spans: readonly BurnSpan[], part: Stretch, trips: readonly Stretch[]): number {
  return spans.reduce((sum, { fromMs, toMs, kg }) => {
    const onTripsMs = trips.reduce((all, trip) => all + overlapMs(fromMs, toMs, trip), 0)
    return onTripsMs > 0 ? sum + (kg * overlapMs(fromMs, toMs, part)) / onTripsMs : sum
  }, 0)
}

/**
 * Mass added by each measured fill: contents after it minus the reading before it.
 *
 * @param readings - of cylinders, in any order
 * @returns by cylinder and moment, as `left 2026-11-24T12:00:00Z`; a fill without a reading before it counts whole
 */
export function filledKg(readings: readonly CylinderReading[]): Map<string, number> {
  const heldKg = new Map<string, number>()
  const filled = new Map<string, number>()
  for (const { cylinderId, at, netKg, isFill } of readings.toSorted(inOrder)) {
    if (netKg === null) continue
    const addedKg = netKg - (heldKg.get(cylinderId) ?? 0)
    if (isFill && addedKg > 0) filled.set(`${cylinderId} ${at}`, addedKg)
    heldKg.set(cylinderId, netKg)
  }
  return filled
}

/** A fill with its mass and price. */
export interface PaidFill {
  addedKg: number
  paid: number
}

/**
 * Price per kilogram filled.
 *
 * @param fills - with mass and price
 * @returns null without one
 */
export function paidPerKg(fills: readonly PaidFill[]): number | null {
  const addedKg = fills.reduce((sum, fill) => sum + fill.addedKg, 0)
  return addedKg > 0 ? fills.reduce((sum, { paid }) => sum + paid, 0) / addedKg : null
}
