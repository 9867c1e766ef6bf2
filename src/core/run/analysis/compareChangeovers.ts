import { changeovers, type Changeover } from '@/core/run/runSettings'
import { runTrip } from '@/core/run/simulation/runTrip'
import type { TripRunInput } from '@/core/run/simulation/tripRun'

/** What one way of using the cylinders comes to on a trip. */
export interface ChangeoverOutcome {
  changeover: Changeover
  firstOutageS: number | null
  /** Gas wanted and not there. */
  missingKg: number
  /** Liquid that the cold kept in the cylinders. */
  strandedKg: number
  /** When somebody has to turn the lever with everybody asleep; null when nobody has to. */
  getUpAtS: number | null
  /** Least pressure in use while all was given. */
  leastGaugePa: number | null
}

const COARSE_S = 600

/**
 * The three schools of using a pair of cylinders, on one trip.
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
