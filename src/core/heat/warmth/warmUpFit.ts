import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { shareToRoom } from './heatOutlook'
import { requireTemperatureBetween } from '@/core/fluids/waterVapor'
import { tQuantile95 } from '@/core/math/statistics'

/** A room that loses heat to the outside while a heater burns at settings that change. */
interface WarmUp {
  lossWPerK: number
  capacityJPerK: number
  startK: number
  outsideK: number
  /** In order of time, the first from 0. */
  settings: readonly { fromS: number; inputW: number }[]
}

/**
 * Temperature of a room against time: C·dT/dt = P − UA·(T − T outside), exactly, setting by setting.
 *
 * @returns K at a time in s
 */
export function warmUpCurve({
  lossWPerK,
  capacityJPerK,
  startK,
  outsideK,
  settings,
}: WarmUp): (timeS: number) => number {
  const timeConstantS = capacityJPerK / lossWPerK
  return (timeS) => {
    let temperatureK = startK
    for (const [i, { fromS, inputW }] of settings.entries()) {
      const untilS = Math.min(timeS, settings[i + 1]?.fromS ?? Infinity)
      if (untilS <= fromS) continue
      const endK = outsideK + inputW / lossWPerK
      temperatureK = endK + (temperatureK - endK) * Math.exp(-(untilS - fromS) / timeConstantS)
    }
    return temperatureK
  }
}

const MAX_READINGS = 500

const MAX_S = 86_400

/** Two parameters are fitted; fewer readings than this give no uncertainty. */
const FEWEST_READINGS = 4

/** From here on the first temperature is fitted with them: it was read no better than the rest. */
const FIT_START_FROM = 5

/** Least reading error of a thermometer, so that readings that happen to fit well are not overrated. */
const READ_TO_K = 0.3

/** Outside may be this much warmer than the first reading, by the thermometers' difference. */
const THERMOMETERS_K = 1

export const warmUpFitSchema = z.strictObject({
  outsideK: z.number(),
  /** Gross heat input, when there are no settings. */
  inputW: z.number().positive('An input is more than zero.').max(60_000),
  readings: z
    .array(z.strictObject({ timeS: z.number().min(0).max(MAX_S), temperatureK: z.number() }))
    .max(MAX_READINGS),
  /** Input from a time on, where it was changed. */
  settings: z
    .array(z.strictObject({ fromS: z.number().min(0), inputW: z.number().min(0).max(60_000) }))
    .max(50)
    .default([]),
  /** The heater's fumes left through a flue, and a share of its heat with them. */
  vented: z.boolean().optional(),
})

export type WarmUpInput = z.output<typeof warmUpFitSchema>

/** A fitted value with its 95 % range. */
export interface FittedNumber {
  value: number
  low: number
  high: number
}

export interface WarmUpFit {
  /** For each watt of gas burned in the room: what is lost is computed in gas. */
  lossWPerK: number
  lossRange: FittedNumber
  capacityJPerK: number
  capacityRange: FittedNumber
  rmsK: number
  /** Time in which the difference to its end shrinks to a third. */
  timeConstantS: number
  /** Where it would end at the last setting. */
  endK: number
  curve: readonly { timeS: number; temperatureK: number }[]
}

function requireLog({ outsideK, readings }: WarmUpInput): void {
  requireTemperatureBetween(outsideK, 213.15, 323.15, 'outsideK')
  if (readings.length < FEWEST_READINGS) {
    throw new InputError('readings', 'Four readings or more are wanted: three fit any rig.')
  }
  for (const [i, { timeS, temperatureK }] of readings.entries()) {
    requireTemperatureBetween(temperatureK, 213.15, 343.15, `readings.${i}.temperatureK`)
    if (i > 0 && timeS <= (readings[i - 1]?.timeS ?? 0)) {
      throw new InputError(`readings.${i}.timeS`, 'Each reading comes later than the one before.')
    }
  }
  const [first] = readings
  const last = readings.at(-1)
  if (first && first.temperatureK < outsideK - THERMOMETERS_K) {
    throw new InputError('outsideK', 'It was warmer outside than in the room: the log says nothing of its loss.')
  }
  if (first && last && last.temperatureK <= first.temperatureK) {
    throw new InputError('readings', 'These readings cool down. A warm-up begins cold and ends warmer.')
  }
}

/** Inverse of a small symmetric matrix, by elimination; null when it has none. */
function inverse(matrix: readonly (readonly number[])[]): number[][] | null {
  const size = matrix.length
  const rows = matrix.map((row, i) => [...row, ...row.map((_, j) => (i === j ? 1 : 0))])
  for (let i = 0; i < size; i += 1) {
    const pivot = rows[i]?.[i] ?? 0
    if (Math.abs(pivot) < 1e-14) return null
    rows[i] = (rows[i] ?? []).map((value) => value / pivot)
    for (let k = 0; k < size; k += 1) {
      if (k === i) continue
      const factor = rows[k]?.[i] ?? 0
      rows[k] = (rows[k] ?? []).map((value, j) => value - factor * (rows[i]?.[j] ?? 0))
    }
  }
  return rows.map((row) => row.slice(size))
}

/** No log tells the loss of a room that would end hotter than water boils: it is still warming along a straight line. */
const HOTTEST_END_K = 373.15

/**
 * Loss and heat capacity of a room from its own warm-up: C·dT/dt = P − UA·(T − T outside), fitted by least squares.
 *
 * @param input - see warmUpFitSchema
 * @throws InputError for fewer than four readings, times out of order, a warm-up that cools, outside warmer than
 *   inside, and a log that ends long before the room stops warming
 * @see docs/models.md, "Warm-up log"
 */
export function warmUpFit(input: WarmUpInput): WarmUpFit {
  requireLog(input)
  const { outsideK, readings } = input
  const share = shareToRoom(input)
  const inputW = input.inputW * share
  const changes = input.settings.map((change) => ({ fromS: change.fromS, inputW: change.inputW * share }))
  const settings = [{ fromS: 0, inputW }, ...changes]
  const first = readings[0]?.temperatureK ?? outsideK
  const fitsStart = readings.length >= FIT_START_FROM
  const rise = Math.max(1, (readings.at(-1)?.temperatureK ?? first) - outsideK)
  const lastS = readings.at(-1)?.timeS ?? 1
  const at = (params: readonly number[]) => {
    const [lossLog = 0, capacityLog = 0, startK = first] = params
    return warmUpCurve({
      lossWPerK: Math.exp(lossLog),
      capacityJPerK: Math.exp(capacityLog),
      startK: fitsStart ? startK : first,
      outsideK,
      settings,
    })
  }
  const lossGuess = inputW / (rise * 1.3)
  const guess = [Math.log(lossGuess), Math.log((lossGuess * lastS) / 2), ...(fitsStart ? [first] : [])]
  const { parameterValues } = levenbergMarquardt(
    { x: readings.map(({ timeS }) => timeS), y: readings.map(({ temperatureK }) => temperatureK) },
    at,
    { initialValues: guess, maxIterations: 400, damping: 1e-2, gradientDifference: 1e-5, errorTolerance: 1e-12 },
  )
  const curve = at(parameterValues)
  const misses = readings.map(({ timeS, temperatureK }) => temperatureK - curve(timeS))
  const squares = misses.reduce((sum, miss) => sum + miss ** 2, 0)
  const [lossLog = 0, capacityLog = 0] = parameterValues
  const lossWPerK = Math.exp(lossLog)
  const capacityJPerK = Math.exp(capacityLog)
  if (![lossWPerK, capacityJPerK, squares].every(Number.isFinite)) {
    throw new InputError('readings', 'No room warms like this. Check the times and temperatures.')
  }
  const endK = outsideK + (settings.at(-1)?.inputW ?? inputW) / lossWPerK
  if (endK > HOTTEST_END_K) {
    throw new InputError(
      'readings',
      'This log ends before the room warms more slowly, so it does not tell the loss. Log longer, or with less heat.',
    )
  }

  const slopes = readings.map(({ timeS }) =>
    parameterValues.map((value, i) => {
      const step = 1e-4
      const moved = (by: number): number[] => parameterValues.map((other, j) => (i === j ? value + by : other))
      return (at(moved(step))(timeS) - at(moved(-step))(timeS)) / (2 * step)
    }),
  )
  const normal = parameterValues.map((_, i) =>
    parameterValues.map((__, j) => slopes.reduce((sum, row) => sum + (row[i] ?? 0) * (row[j] ?? 0), 0)),
  )
  const spare = Math.max(1, readings.length - parameterValues.length)
  const covariance = inverse(normal)
  const range = (value: number, i: number): FittedNumber => {
    const spread = covariance
      ? Math.sqrt(Math.max(0, covariance[i]?.[i] ?? 0) * Math.max(squares / spare, READ_TO_K ** 2))
      : Infinity
    const factor = Math.exp(tQuantile95(spare) * spread)
    return { value, low: value / factor, high: value * factor }
  }
  return {
    lossWPerK,
    lossRange: range(lossWPerK, 0),
    capacityJPerK,
    capacityRange: range(capacityJPerK, 1),
    rmsK: Math.sqrt(squares / readings.length),
    timeConstantS: capacityJPerK / lossWPerK,
    endK,
    curve: Array.from({ length: 61 }, (_, i) => (i / 60) * lastS).map((timeS) => ({
      timeS,
      temperatureK: curve(timeS),
    })),
  }
}
