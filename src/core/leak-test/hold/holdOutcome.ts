import type { LineSide } from '@/core/hookup/line/lineVolume'
import { fromUnit } from '@/core/units/convert'
import { leakRate, type LeakRate, type LeakRateInput } from './leakRate'

/** Outcome of a pressure-hold test; `high` started so close to lock-up that the regulator can hide a leak. */
export const holdOutcomes = ['held', 'fell', 'rose', 'warmed', 'short', 'high'] as const

export type HoldOutcome = (typeof holdOutcomes)[number]

/** Burned down to 8 in WC it is begun; from here on the regulator may still be open. Common practice. */
const HIGHEST_START_PA = fromUnit(10, 'gaugePressure', 'inWC')

/**
 * Whether a hold test proves its side of the line.
 *
 * @param side - that was held
 * @param input - of the test
 * @param rate - from leakRate, when it is worked out already
 * @throws InputError as leakRate does
 */
export function holdOutcome(side: LineSide, input: LeakRateInput, rate: LeakRate = leakRate(input)): HoldOutcome {
  const began = side === 'low' && input.gas !== 'co2' && input.startGaugePa > HIGHEST_START_PA
  return rate.outcome === 'held' && began ? 'high' : rate.outcome
}
