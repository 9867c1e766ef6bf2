import { InputError } from '@/core/base/InputError'

/** One fill to the stop: gauge reading before it and metered volume. */
export interface MeteredFill {
  /** Share of the dial. */
  shown: number
  meteredM3: number
}

export interface GaugeCalibration {
  /** Liquid in the tank at what the gauge shows now. */
  liquidM3: number
  /** Scatter of the fills around the fitted line; null with fewer than three. */
  strayM3: number | null
  fills: number
}

interface Point {
  shown: number
  liquidM3: number
  weight: number
}

/** Fills from readings this close together count as one point, the reading accuracy of a dial. */
const DIAL_STEP = 0.01

function together(points: readonly Point[]): Point[] {
  const byPlace = new Map<number, Point[]>()
  for (const point of points) {
    const place = Math.round(point.shown / DIAL_STEP)
    byPlace.set(place, [...(byPlace.get(place) ?? []), point])
  }
  return [...byPlace.values()].map((same) => {
    const weight = same.reduce((sum, point) => sum + point.weight, 0)
    const mean = (of: (point: Point) => number): number =>
      same.reduce((sum, point) => sum + of(point) * point.weight, 0) / weight
    return { shown: mean((point) => point.shown), liquidM3: mean((point) => point.liquidM3), weight }
  })
}

/** Pools neighbors until more on the dial never means less in the tank. */
function neverFalling(points: readonly Point[]): Point[] {
  const pooled: Point[] = []
  for (const point of together(points).toSorted((a, b) => a.shown - b.shown)) {
    let last = { ...point }
    for (let before = pooled.at(-1); before && before.liquidM3 >= last.liquidM3; before = pooled.at(-1)) {
      pooled.pop()
      const weight = before.weight + last.weight
      last = {
        shown: (before.shown * before.weight + last.shown * last.weight) / weight,
        liquidM3: (before.liquidM3 * before.weight + last.liquidM3 * last.weight) / weight,
        weight,
      }
    }
    pooled.push(last)
  }
  return pooled
}

function along(points: readonly Point[], shown: number): number {
  const behind = points.findIndex((point) => point.shown >= shown)
  if (behind === -1) return points.at(-1)?.liquidM3 ?? 0
  const upper = points[behind]
  const lower = points[behind - 1]
  if (!upper || !lower) return upper?.liquidM3 ?? 0
  return lower.liquidM3 + ((upper.liquidM3 - lower.liquidM3) * (shown - lower.shown)) / (upper.shown - lower.shown)
}

/**
 * Calibration of a tank gauge from metered fills up to the stop.
 *
 * @param fills - fills that ended at the stop
 * @param fullM3 - liquid at the stop, 80 % of the inside
 * @param shown - share of the dial it shows now
 * @throws InputError at `fills` for one that took more than the tank holds
 */
export function calibrateGauge(fills: readonly MeteredFill[], fullM3: number, shown: number): GaugeCalibration {
  for (const { meteredM3 } of fills) {
    if (!(meteredM3 >= 0 && meteredM3 <= fullM3 * 1.05)) {
      throw new InputError(
        'fills',
        'A fill took more than the tank holds to its stop. Check the gallons and the tank’s size.',
      )
    }
  }
  const learned = fills.map((fill): Point => ({
    shown: fill.shown,
    liquidM3: Math.max(0, fullM3 - fill.meteredM3),
    weight: 1,
  }))
  const points = neverFalling([
    // The ends of the dial count as weak data points until there are fills near them.
    { shown: 0, liquidM3: 0, weight: 0.25 },
    ...learned,
    { shown: 1, liquidM3: fullM3, weight: 0.25 },
  ])
  const stray = Math.sqrt(
    learned.reduce((sum, point) => sum + (along(points, point.shown) - point.liquidM3) ** 2, 0) /
      Math.max(1, fills.length),
  )
  return { liquidM3: along(points, shown), strayM3: fills.length >= 3 ? stray : null, fills: fills.length }
}
