import { kindFacts, type Supply } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { usableGasKg } from '@/core/cylinders/fitness/usableGasKg'
import type { DisplayRole } from '@/core/base/quantity'
import type { Figure } from '@/core/rules/figure'
import { runtimeS } from './runtimeS'

/**
 * How long one appliance would run by itself on all its supply that comes along.
 *
 * @param cylinders - of the rig
 * @param appliance - its input in W and its supply
 * @returns null when no cylinder of that supply comes along or none may be counted on
 */
export function aloneOnSupply(
  cylinders: readonly CylinderGear[],
  appliance: { inputW: number; supply: Supply },
): Figure | null {
  const held = cylinders
    .filter(({ aboard, kind }) => aboard && kindFacts[kind].supply === appliance.supply)
    .flatMap((cylinder) => usableGasKg(cylinder) ?? [])
  if (held.length === 0) return null
  const massKg = held.reduce((sum, netKg) => sum + netKg, 0)
  const role: DisplayRole = appliance.supply === 'bottles' ? 'bottleMass' : 'cylinderMass'
  return {
    basis: 'runtime',
    quantity: { value: runtimeS(massKg, appliance.inputW), role: 'duration' },
    inputs: [
      { label: 'Gas aboard', quantity: { value: massKg, role } },
      { label: 'Heat input', quantity: { value: appliance.inputW, role: 'power' } },
    ],
  }
}
