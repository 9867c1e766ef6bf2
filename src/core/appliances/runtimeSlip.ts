import type { DisplayRole } from '@/core/base/quantity'
import { heatingValueJPerKg } from '@/core/fluids/heatingValueJPerKg'
import type { FigureInput, Slip } from '@/core/rules/figure'
import { runtimeS } from './runtimeS'

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
