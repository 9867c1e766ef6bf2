import { InputError } from '@/core/base/InputError'

/** Most liquid a fixed tank may hold, as share of its inside: common practice and the stop of its valve. */
export const FIXED_TANK_FULL = 0.8

/**
 * What a gauge's full mark means.
 *
 * - `usable`: its full is the legal full, 80 % of the inside
 * - `eighths`: it counts eighths of that
 * - `whole`: it shows percent of the whole inside
 */
export const fullMarks = ['usable', 'eighths', 'whole'] as const

export type FullMark = (typeof fullMarks)[number]

/**
 * Share of the inside that is liquid, from a gauge.
 *
 * @param shown - share of the dial: 0.5 for half, 50 % or 4/8
 * @param fullMark - what its full mark means
 * @returns 0 to 1
 * @throws InputError at `shown` for less than empty or more than full
 * @example gaugeLevel(0.5, 'usable') // 0.4
 */
export function gaugeLevel(shown: number, fullMark: FullMark): number {
  if (!(shown >= 0 && shown <= 1))
    throw new InputError('shown', 'A gauge shows from empty to full: 0 to 100 %, or 0/8 to 8/8.')
  return fullMark === 'whole' ? shown : shown * FIXED_TANK_FULL
}
