import type { Outage, OutageCause, TripMoment } from './tripRun'

/** Outages of one cause within this time are merged, since a cold cylinder comes and goes. */
const SAME_WITHIN_S = 2 * 3600

/** An outage while it goes on; its appliances are added by who finds it. */
type OpenOutage = Omit<Outage, 'applianceIds'> & { appliances: Set<string> }

/** Records outages and merges their steps; what is left is asked for only when one begins. */
export function outageRecorder() {
  const all: OpenOutage[] = []
  return {
    /** Adds a step to the outage of its source and cause, or begins one. */
    add(
      sourceId: string,
      cause: OutageCause,
      fromS: number,
      stepS: number,
      missingKg: number,
      leftKg: () => number,
    ): OpenOutage {
      const last = all.findLast((one) => one.sourceId === sourceId && one.cause === cause)
      if (last && fromS - last.toS <= SAME_WITHIN_S) {
        last.toS = fromS + stepS
        last.missingKg += missingKg
        return last
      }
      const toS = fromS + stepS
      const outage = { sourceId, cause, fromS, toS, missingKg, leftKg: leftKg(), appliances: new Set<string>() }
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
