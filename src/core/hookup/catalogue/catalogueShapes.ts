import { fromUnit } from '@/core/units/convert'
import type { Fit, PartType, Port } from './partType'
import type { ConnectionId } from './connections'

/** Short ways of writing the catalogue's rows. */
export const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')
export const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
export const inch = (number: number): number => fromUnit(number, 'length', 'in')
export const feet = (number: number): number => fromUnit(number, 'length', 'ft')
export const btuh = (number: number): number => fromUnit(number, 'power', 'btuh')

export const male = (connection: ConnectionId): Fit => ({ connection, sex: 'male' })
export const female = (connection: ConnectionId): Fit => ({ connection, sex: 'female' })

export const into = (id: string, ...fits: Fit[]): Port => ({ id, way: 'in', fits })
export const out = (id: string, ...fits: Fit[]): Port => ({ id, way: 'out', fits })

/** A part with one inlet and one outlet. */
export function through(
  id: string,
  name: string,
  role: PartType['role'],
  ends: readonly [Fit | readonly Fit[], Fit | readonly Fit[]],
  rest: Omit<PartType, 'id' | 'name' | 'role' | 'ports' | 'gas'> & Partial<Pick<PartType, 'gas'>>,
): PartType {
  const fits = (end: Fit | readonly Fit[]): Fit[] => ('connection' in end ? [end] : [...end])
  return {
    gas: 'propane',
    ...rest,
    id,
    name,
    role,
    ports: [into('in', ...fits(ends[0])), out('out', ...fits(ends[1]))],
  }
}

/** A rubber hose; five years from its make it is old, common practice. */
export function hose(
  id: string,
  name: string,
  ends: readonly [Fit, Fit],
  run: { rated: PartType['rated']; boreM: number; lengthM: number; gas?: PartType['gas'] },
): PartType {
  return through(id, name, 'hose', ends, { ...run, material: 'rubber', oldMonths: 60 })
}
