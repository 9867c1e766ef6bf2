'use client'

import type { DisplayRole } from '@/core/base/quantity'
import { fromShown, type UnitSystem } from '@/core/units/displayRoles'
import { useSessionState } from './useSessionState'
import { useUnits } from './UnitsProvider'

/** SI value of a number that is round in the units shown: `round('liquidVolume', 5, 19)` is 5 gal or 19 L. */
export type Round = (role: DisplayRole, us: number, metric: number) => number

/** Usual values in one unit system. */
export function roundIn(system: UnitSystem): Round {
  return (role, us, metric) => fromShown(system === 'us' ? us : metric, role, system)
}

/**
 * Inputs of a calculation that live through a reload. What was not typed has its usual value, round in the units shown.
 *
 * @param slot - names the calculation and what it is about
 * @param usual - the usual values
 * @returns the inputs, and a function that changes some of them
 */
export function useUsualInputs<Inputs extends object>(
  slot: string,
  usual: (round: Round) => Inputs,
): [Inputs, (change: Partial<Inputs>) => void] {
  const { system } = useUnits()
  const [typed, setTyped] = useSessionState<Partial<Inputs>>(slot, {})
  return [{ ...usual(roundIn(system)), ...typed }, (change) => setTyped({ ...typed, ...change })]
}
