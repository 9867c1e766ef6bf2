import { changeovers, type Changeover } from '@/core/run/runSettings'
import { runTrip } from '@/core/run/simulation/runTrip'
import type { TripRunInput } from '@/core/run/simulation/tripRun'

/** Outcome of one way of using the cylinders on a trip. */
export interface ChangeoverOutcome {
  changeover: Changeover
  firstOutageS: number | null
  /** Unmet gas demand. */
  missingKg: number
  /** Liquid left in the cylinders because of cold. */
  strandedKg: number
  /** When the lever has to be turned during sleep; null when it does not. */
  getUpAtS: number | null
  /** Lowest pressure in use while the demand was met. */
  leastGaugePa: number | null
}

const COARSE_S = 600

/**
 * Compares the three ways to use a pair of cylinders on one trip.
 *
 * @param input - the trip as planned
 * @param sourceId - whose cylinders
 */
export function compareChangeovers(input: TripRunInput, sourceId: string): ChangeoverOutcome[] {
  const mine = new Set(input.cylinders.filter((one) => one.sourceId === sourceId).map(({ id }) => id))
  return changeovers.map((changeover) => {
    const run = runTrip({
      ...input,
      stepS: Math.max(COARSE_S, input.stepS),
      sources: input.sources.map((one) => (one.id === sourceId ? { ...one, changeover } : one)),
    })
    const outages = run.outages.filter((outage) => outage.sourceId === sourceId && outage.cause !== 'battery')
    const lever = outages.find(({ cause }) => cause === 'lever')
    const turned = run.changes.find((change) => change.sourceId === sourceId && change.by === 'hand' && change.asleep)
    const gauges = run.series.flatMap(({ sources }) => {
      const at = run.sources.findIndex(({ id }) => id === sourceId)
      const moment = sources[at]
      return moment && moment.wantedW > 0 && moment.givenW > 0.95 * moment.wantedW ? [moment.gaugePa] : []
    })
    return {
      changeover,
      firstOutageS: outages[0]?.fromS ?? null,
      missingKg: outages.reduce((sum, { missingKg }) => sum + missingKg, 0),
      strandedKg: run.cylinders.filter(({ id }) => mine.has(id)).reduce((sum, { strandedKg }) => sum + strandedKg, 0),
      getUpAtS: turned?.atS ?? lever?.fromS ?? null,
      leastGaugePa: gauges.length > 0 ? Math.min(...gauges) : null,
    }
  })
}
