import { FIXED_TANK_FULL } from './liquidLevel'

/** How a cylinder feels when it is lifted, against an empty and a full one of its size. */
export const lifts = ['empty', 'little', 'half', 'full'] as const

export type Lift = (typeof lifts)[number]

export const liftLabels: Readonly<Record<Lift, string>> = {
  empty: 'as light as an empty one',
  little: 'a little heavier than an empty one',
  half: 'half and half',
  full: 'about as heavy as a full one',
}

/** Between which shares of a full fill it may lie: an arm is no scale. [common practice] */
const SHARES: Readonly<Record<Lift, readonly [lowest: number, highest: number]>> = {
  empty: [0, 0.15],
  little: [0.05, 0.45],
  half: [0.25, 0.75],
  full: [0.55, 1],
}

/** A level by lifting: the least it may be counts, and how far it may be off is kept with it. */
export interface LiftedLevel {
  liquidFraction: number
  lowest: number
  highest: number
}

/**
 * Level of a cylinder that was lifted: a reading with a wide range, of which the low end counts as aboard.
 *
 * @param lift - how it felt
 */
export function liftedLevel(lift: Lift): LiftedLevel {
  const [low, high] = SHARES[lift]
  const lowest = low * FIXED_TANK_FULL
  return { liquidFraction: lowest, lowest, highest: high * FIXED_TANK_FULL }
}
