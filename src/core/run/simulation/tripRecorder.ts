import type { Outage, OutageCause, TripMoment } from './tripRun'

/** Outages of one cause within this time are merged, since a cold cylinder comes and goes. */
const SAME_WITHIN_S = 2 * 3600

/** An outage while it goes on; its appliances are added by who finds it. */
type OpenOutage = Omit<Outage, 'applianceIds'> & { appliances: Set<string> }

/** Records outages and merges their steps. */
export function outageRecorder() {
  const all: OpenOutage[] = []
  return {
    /** The outage of this source and cause that a step continues, lengthened by it; null when the step begins one. */
    extend(sourceId: string, cause: OutageCause, fromS: number, stepS: number): OpenOutage | null {
      const last = all.findLast((one) => one.sourceId === sourceId && one.cause === cause)
      if (!last || fromS - last.toS > SAME_WITHIN_S) return null
      last.toS = fromS + stepS
      return last
    },
    /** Begins an outage; `leftKg` is the usable gas at that moment. */
    begin(sourceId: string, cause: OutageCause, fromS: number, stepS: number, leftKg: number): OpenOutage {
      const toS = fromS + stepS
      const outage = { sourceId, cause, fromS, toS, missingKg: 0, leftKg, appliances: new Set<string>() }
      all.push(outage)
      return outage
    },
    list: (): Outage[] =>
      all
        .map(({ appliances, ...one }) => ({ ...one, applianceIds: [...appliances] }))
        .sort((a, b) => a.fromS - b.fromS),
  }
}

/** Most points in the series; a chart cannot show more. */
const MAX_MOMENTS = 1500

const FINEST_S = 600

/**
 * Records points at even intervals.
 *
 * @param durationS - of the whole
 * @param stepS - between the points that are offered
 */
export function tripRecorder(durationS: number, stepS: number) {
  const everyS = Math.max(FINEST_S, stepS, Math.ceil(durationS / MAX_MOMENTS / stepS) * stepS)
  const kept: TripMoment[] = []
  let nextS = 0
  return {
    isDue: (timeS: number): boolean => timeS >= nextS - 1e-6,
    keep(moment: TripMoment): void {
      kept.push(moment)
      nextS = (Math.floor(moment.timeS / everyS + 1e-9) + 1) * everyS
    },
    series: (): readonly TripMoment[] => kept,
  }
}
