import type { TripMoment } from './tripRun'

/** A chart is not wider than this; more moments would only weigh. */
const MOST_MOMENTS = 1500
const FINEST_S = 600

/**
 * Keeps a moment now and then.
 *
 * @param durationS - of the whole
 * @param stepS - between the moments that are offered
 */
export function tripRecorder(durationS: number, stepS: number) {
  const everyS = Math.max(FINEST_S, stepS, Math.ceil(durationS / MOST_MOMENTS / stepS) * stepS)
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
