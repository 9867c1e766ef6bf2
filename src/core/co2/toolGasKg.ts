import { gasDensityKgM3 } from '@/core/fluids/gasDensityKgM3'
import { standardAtmospherePa } from '@/core/fluids/standardAtmospherePa'
import { InputError } from '@/core/base/InputError'

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
 * @throws InputError for a time below nothing
 */
export function toolGasKg(tool: AirTool, durationS: number, temperatureK: number, altitudeM: number): number {
  if (!(durationS >= 0)) throw new InputError('durationS', 'The time cannot be less than nothing.')
  const { freeM3S } = airTools.find(({ id }) => id === tool) ?? airTools[0]
  return freeM3S * durationS * gasDensityKgM3('co2', temperatureK, standardAtmospherePa(altitudeM))
}
