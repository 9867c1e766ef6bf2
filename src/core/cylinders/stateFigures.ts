import type { FigureInput, Figure } from '@/core/rules/figure'
import { cylinderState, type CylinderState } from '@/core/fluids/cylinderState'
import { gaugePressurePa } from '@/core/fluids/gaugePressurePa'
import type { Fluid } from '@/core/fluids/fluid'
import { waterCapacityVolumeM3 } from './waterCapacityVolumeM3'

/** A parked car in the sun, as the trade reckons it: 130 °F; common practice. */
export const HOT_CAR_K = (130 + 459.67) * (5 / 9)

export interface StateInput {
  gas: Fluid
  netKg: number
  waterCapacityKg: number
  temperatureK: number
  altitudeM: number
}

export interface StateFigures {
  state: CylinderState
  /** As a gauge would show it at the altitude. */
  pressure: Figure
  /** Null where liquid cannot be told from vapour. */
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
  const { gas, netKg, waterCapacityKg, temperatureK, altitudeM } = input
  const state = cylinderState(gas, netKg, waterCapacityVolumeM3(waterCapacityKg), temperatureK)
  const contentsGiven: FigureInput[] = [
    { label: 'Gas aboard', quantity: { value: netKg, role: 'cylinderMass' } },
    { label: 'Water capacity', quantity: { value: waterCapacityKg, role: 'cylinderMass' } },
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
