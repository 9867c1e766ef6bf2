import type { Fluid } from '@/core/fluids/fluidData'
import { fromUnit } from '@/core/units/convert'

const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')

/** Pressure zones, lowest first for each gas. */
export const zones = ['low', 'intermediate', 'cylinder', 'co2-low', 'co2-cylinder'] as const

export type Zone = (typeof zones)[number]

export interface ZoneFacts {
  name: string
  gas: Fluid
  /** Highest gauge pressure in it. */
  mostGaugePa: number
}

/** Common practice; a low line may lock up at 14 in WC at most. */
export const zoneFacts: Readonly<Record<Zone, ZoneFacts>> = {
  low: { name: 'low pressure', gas: 'propane', mostGaugePa: fromUnit(14, 'gaugePressure', 'inWC') },
  intermediate: { name: 'intermediate pressure', gas: 'propane', mostGaugePa: psi(15) },
  cylinder: { name: 'cylinder pressure', gas: 'propane', mostGaugePa: psi(250) },
  'co2-low': { name: 'CO2 after its regulator', gas: 'co2', mostGaugePa: psi(150) },
  'co2-cylinder': { name: 'CO2 at cylinder pressure', gas: 'co2', mostGaugePa: psi(2250) },
}
