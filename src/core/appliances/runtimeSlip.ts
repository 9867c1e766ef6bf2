import type { DisplayRole } from '@/core/base/quantity'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { kindFacts, type Supply } from '@/core/cylinders/cylinderKind'
import { usableGasKg } from '@/core/cylinders/fitness/usableGas'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import type { FigureInput, Slip, Figure } from '@/core/rules/figure'
import { runtimeS } from './runtime'

/**
 * Runtime as a worked sum: gas × heating value ÷ heat input.
 *
 * @param massKg - gas
 * @param inputW - heat input
 * @param small - shown in ounces and grams
 * @throws InputError as runtimeS does
 */
export function runtimeSlip(massKg: number, inputW: number, small: boolean): Slip {
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const gas: FigureInput = { label: 'Gas', quantity: { value: massKg, role } }
  const heat: FigureInput = { label: 'Heating value', quantity: { value: heatingValueJPerKg(), role: 'heatingValue' } }
  const input: FigureInput = { label: 'Heat input', quantity: { value: inputW, role: 'power' } }
  return {
    lines: [
      { sign: '', label: gas.label, figure: { basis: 'gas-aboard', quantity: gas.quantity, inputs: [] } },
      { sign: '×', label: heat.label, figure: { basis: 'heating-value', quantity: heat.quantity, inputs: [] } },
      { sign: '÷', label: input.label, figure: { basis: 'appliance-input', quantity: input.quantity, inputs: [] } },
    ],
    result: {
      label: 'Lasts',
      figure: {
        basis: 'runtime',
        quantity: { value: runtimeS(massKg, inputW), role: 'duration' },
        inputs: [gas, heat, input],
      },
    },
    further: [],
  }
}

/**
 * Runtime of one appliance alone on all gas of its supply that is aboard.
 *
 * @param cylinders - of the rig
 * @param appliance - its input in W and its supply
 * @returns null when no usable cylinder of that supply is aboard
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
