import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import { saturation } from '@/core/fluids/saturation'
import { z } from '@/core/base/zod'
import type { LineSide } from '@/core/hookup/line/lineVolume'
import { fromUnit } from '@/core/units/convert'
import { leakRate, leakRateSchema, type LeakRate, type LeakRateInput } from './leakRate'

/**
 * Outcome of a pressure-hold test. Only `held` passes and only `fell` fails; the rest are no tests.
 *
 * - `high`: started where gas from before the regulator, or boiling, can hide a leak
 * - `low`: started with too little pressure to show one
 * - `cold`: too cold for a gauge: soap only
 * - `warmed`, `cooled`: the temperature can hide a fall, or a rise
 * - `long`: held so long that trapped vapor condenses and boils with the weather
 */
export const holdOutcomes = [
  'held',
  'fell',
  'rose',
  'warmed',
  'cooled',
  'short',
  'high',
  'low',
  'long',
  'cold',
] as const

export type HoldOutcome = (typeof holdOutcomes)[number]

const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')

/** Burned down to 8 in WC it is begun. [common practice] */
const LOW_SIDE_START_PA = [inWC(7.5), inWC(9.5)] as const
/** Under the day's vapor pressure, so that nothing boils behind a leak, by so much. [common practice] */
const UNDER_VAPOR_PA = [psi(10), psi(15)] as const
const LEAST_CYLINDER_START_PA = psi(30)
/** Below 20 °F a gauge tells nothing: soap only. [common practice] */
const COLDEST_K = fromUnit(20, 'temperature', 'F')
/** Half a degree Fahrenheit can hide a fall, or make one. [common practice] */
const STEADY_K = 0.5 / 1.8
/** A column of water shows a leak in three minutes, so does a gauge of single psi; a dial takes a quarter of an hour. */
const FINE_S = 180
const DIAL_S = 900
/** Longer than this the weather moves the gas that is caught. [common practice] */
const LONGEST_S = 3600

/** How long a side is held at least, s. [common practice] */
export function leastHoldS(side: LineSide, fineGauge = false): number {
  return side === 'low' || fineGauge ? FINE_S : DIAL_S
}

/**
 * Pressures between which a hold test of propane starts.
 *
 * @param side - that is held
 * @param startK - of the line
 * @param atmospherePa - of the place
 * @returns lowest and highest gauge pressure; null where it is too cold to tell anything
 */
export function holdStartPa(
  side: LineSide,
  startK: number,
  atmospherePa: number = SEA_LEVEL_PA,
): readonly [number, number] | null {
  if (side === 'low') return LOW_SIDE_START_PA
  if (startK < COLDEST_K) return null
  const vaporPa = saturation('propane', startK).pressurePa - atmospherePa
  return [Math.max(LEAST_CYLINDER_START_PA, vaporPa - UNDER_VAPOR_PA[1]), vaporPa - UNDER_VAPOR_PA[0]]
}

function startFault(side: LineSide, input: LeakRateInput): 'cold' | 'low' | 'high' | null {
  if (input.gas === 'co2') return null
  const range = holdStartPa(side, input.startK, input.atmospherePa)
  if (range === null) return 'cold'
  const [lowestPa, highestPa] = range
  if (input.startGaugePa > highestPa) return 'high'
  return input.startGaugePa < lowestPa ? 'low' : null
}

/**
 * Whether a hold test proves its side of the line.
 *
 * @param side - that was held
 * @param input - of the test
 */
export function holdOutcome(side: LineSide, input: LeakRateInput): HoldOutcome {
  const { startGaugePa, endGaugePa, durationS, startK, endK, fineGauge } = input
  // Any fall fails, whatever else was wrong with the test.
  if (endGaugePa < startGaugePa) return 'fell'
  if (endGaugePa > startGaugePa) return 'rose'
  const fault = startFault(side, input)
  if (fault) return fault
  if (endK - startK > STEADY_K) return 'warmed'
  if (startK - endK > STEADY_K) return 'cooled'
  if (durationS < leastHoldS(side, fineGauge)) return 'short'
  return side === 'cylinder' && durationS > LONGEST_S ? 'long' : 'held'
}

/** A hold test with the side of the line that was held. */
export const holdTestSchema = leakRateSchema.extend({ side: z.enum(['low', 'cylinder']).default('low') })

/**
 * A hold test: whether it passed, and what a fall means.
 *
 * @param test - see holdTestSchema
 * @throws InputError as leakRate does
 */
export function holdTest({ side, ...input }: z.output<typeof holdTestSchema>): LeakRate & {
  outcome: HoldOutcome
  passed: boolean
} {
  const rate = leakRate(input)
  const outcome = holdOutcome(side, input)
  return { ...rate, outcome, passed: outcome === 'held' }
}
