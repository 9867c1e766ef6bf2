import { InputError } from '@/core/base/InputError'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { gasDensityKgM3 } from '@/core/fluids/onePhase'

/** Air tools by the free gas they swallow, m³/s. [common practice] */
export const airTools = [
  { id: 'nailer', name: 'Brad nailer, a nail a second', freeM3S: 0.00065 },
  { id: 'blow-gun', name: 'Blow gun', freeM3S: 0.0035 },
  { id: 'impact', name: 'Small impact wrench', freeM3S: 0.0019 },
] as const

export type AirTool = (typeof airTools)[number]['id']

/**
 * CO2 that a tool swallows.
 *
 * @param tool - which
 * @param durationS - of running
 * @param temperatureK - of the air
 * @param altitudeM - of the place
 * @throws InputError for a negative time
 */
export function toolGasKg(tool: AirTool, durationS: number, temperatureK: number, altitudeM: number): number {
  if (!(durationS >= 0)) throw new InputError('durationS', 'The time cannot be less than zero.')
  const { freeM3S } = airTools.find(({ id }) => id === tool) ?? airTools[0]
  return freeM3S * durationS * gasDensityKgM3('co2', temperatureK, standardAtmospherePa(altitudeM))
}

/** More than this is as good as without end. */
const MAX = 9999

/**
 * How many whole times a use is in what is left.
 *
 * @param gasKg - in the cylinder
 * @param useKg - for one time
 */
export function usesLeft(gasKg: number, useKg: number): number {
  return useKg > 0 ? Math.min(MAX, Math.floor(gasKg / useKg + 1e-9)) : MAX
}
