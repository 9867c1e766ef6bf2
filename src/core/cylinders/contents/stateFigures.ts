import type { DisplayRole } from '@/core/base/quantity'
import type { FigureInput, Figure } from '@/core/rules/figure'
import { cylinderState, type CylinderState } from '@/core/fluids/cylinderState'
import { gaugePressurePa } from '@/core/fluids/atmosphere'
import type { Fluid } from '@/core/fluids/fluidData'
import { waterCapacityVolumeM3 } from './waterCapacity'

export interface StateInput {
  gas: Fluid
  /** Shown in ounces and grams. */
  small: boolean
  netKg: number
  waterCapacityKg: number
  temperatureK: number
  altitudeM: number
}

export interface StateFigures {
  state: CylinderState
  /** As a gauge would show it at the altitude. */
  pressure: Figure
  /** Null where liquid cannot be told from vapor. */
  level: Figure | null
  /** Null when the contents never fill the cylinder as liquid. */
  liquidFull: Figure | null
}

/**
 * Pressure and level of a cylinder at one temperature, as figures that can be opened.
 *
 * @throws InputError as cylinderState and gaugePressurePa do
 */
export function stateFigures(input: StateInput): StateFigures {
  const { gas, small, netKg, waterCapacityKg, temperatureK, altitudeM } = input
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const state = cylinderState(gas, netKg, waterCapacityVolumeM3(waterCapacityKg), temperatureK)
  const contentsGiven: FigureInput[] = [
    { label: 'Gas aboard', quantity: { value: netKg, role: massRole } },
    { label: 'Water capacity', quantity: { value: waterCapacityKg, role: massRole } },
  ]
  const temperature: FigureInput = { label: 'Temperature', quantity: { value: temperatureK, role: 'temperature' } }
  const altitude: FigureInput = { label: 'Altitude', quantity: { value: altitudeM, role: 'altitude' } }
  return {
    state,
    pressure: {
      basis: 'pressure-at-temperature',
      quantity: { value: gaugePressurePa(state.pressurePa, altitudeM), role: 'cylinderPressure' },
      inputs: [...contentsGiven, temperature, altitude],
    },
    level:
      state.liquidVolumeFraction === null
        ? null
        : {
            basis: 'liquid-level',
            quantity: { value: state.liquidVolumeFraction, role: 'share' },
            inputs: [...contentsGiven, temperature],
          },
    liquidFull:
      state.liquidFullTemperatureK === null
        ? null
        : {
            basis: 'liquid-full-temperature',
            quantity: { value: state.liquidFullTemperatureK, role: 'temperature' },
            inputs: contentsGiven,
          },
  }
}
