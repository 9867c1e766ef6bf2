import { interpolateColumn } from '@/core/math/interpolation'
import { quantile, sampleNormal } from '@/core/math/statistics'
import { forecastSpreadK } from '@/core/run/weather/forecast'
import type { Perturbation, TripRun, TripRunInput } from '@/core/run/simulation/tripRun'
import { runTrip } from '@/core/run/simulation/runTrip'

/** 10th, 50th and 90th percentile of the runs. */
export interface Percentiles<Value> {
  p10: Value
  p50: Value
  p90: Value
}

export interface MonteCarloResult {
  runs: number
  usedKg: Percentiles<number>
  /** Time of the first outage; null when that share of the runs has none. */
  firstOutageS: Percentiles<number | null>
  /** Share of the runs without any outage. */
  withoutShare: number
  /** The plan itself, coarse and fine: what the longer steps cost. */
  coarse: { stepS: number; usedKg: number; firstOutageS: number | null }
  fine: { stepS: number; usedKg: number; firstOutageS: number | null }
}

const COARSE_S = 600
const FINE_S = 60
const DAY_S = 86_400
/** Tomorrow is off much as today is. */
const KEPT = 0.7
const WIND_SPREAD = 0.4
const HABIT_SPREAD = { hours: 0.2, acts: 0.2, warmth: 0.1, around: 0.1 } as const

function samplePerturbation({ nights, appliances, forecast }: TripRunInput, random: () => number): Perturbation {
  const days: number[] = []
  let off = 0
  for (let day = 0; day <= nights; day += 1) {
    off = day === 0 ? sampleNormal(random) : KEPT * off + Math.sqrt(1 - KEPT * KEPT) * sampleNormal(random)
    days.push(off * forecastSpreadK(forecast, day * DAY_S))
  }
  const factors = new Map(
    appliances.map(({ id, habit }) => [id, Math.exp(HABIT_SPREAD[habit.way] * sampleNormal(random))] as const),
  )
  return {
    offsetK: (timeS) => interpolateColumn(days, timeS / DAY_S),
    windFactor: Math.exp(WIND_SPREAD * sampleNormal(random)),
    factorOf: (id) => factors.get(id) ?? 1,
  }
}

function percentiles(values: readonly number[]): Percentiles<number> {
  const sorted = [...values].sort((a, b) => a - b)
  return { p10: quantile(sorted, 0.1), p50: quantile(sorted, 0.5), p90: quantile(sorted, 0.9) }
}

const firstOf = (run: TripRun): number | null => run.outages[0]?.fromS ?? null

/** The plan itself, as the runs are compared with. */
function planned(input: TripRunInput, stepS: number): MonteCarloResult['fine'] {
  const run = runTrip({ ...input, stepS })
  return { stepS, usedKg: run.usedKg, firstOutageS: firstOf(run) }
}

/**
 * How a trip may turn out when weather and habits differ from the plan.
 *
 * @param input - the plan; its own step is not used
 * @param runs - how many, 20 at least
 * @param random - number from 0 to 1 at each call
 * @param onProgress - called with the share that is done
 * @see docs/models.md, “Spread”
 */
export function monteCarlo(
  input: TripRunInput,
  runs: number,
  random: () => number,
  onProgress: (share: number) => void = () => undefined,
): MonteCarloResult {
  const count = Math.max(20, Math.floor(runs))
  const fine = planned(input, input.nights > 30 ? COARSE_S : FINE_S)
  const stepS = input.nights > 30 ? 1800 : COARSE_S
  const coarse = planned(input, stepS)
  const coarseInput = { ...input, stepS }
  const used: number[] = []
  const firsts: number[] = []
  for (let i = 0; i < count; i += 1) {
    const run = runTrip(coarseInput, samplePerturbation(input, random))
    used.push(run.usedKg)
    firsts.push(firstOf(run) ?? Infinity)
    onProgress((i + 1) / count)
  }
  const { p10, p50, p90 } = percentiles(firsts)
  const orNone = (atS: number): number | null => (Number.isFinite(atS) ? atS : null)
  return {
    runs: count,
    usedKg: percentiles(used),
    firstOutageS: { p10: orNone(p10), p50: orNone(p50), p90: orNone(p90) },
    withoutShare: firsts.filter((atS) => !Number.isFinite(atS)).length / count,
    coarse,
    fine,
  }
}
