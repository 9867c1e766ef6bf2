import { InputError } from '@/core/base/InputError'
import { inWC, psi } from './catalogueShapes'
import { connections } from './connections'
import { type Fit, type PartType } from './partType'
import { type PartRole, roleTraits } from './partRoles'
import { zoneFacts, type Zone } from './zone'

/** A part entered by the owner that the catalogue does not have. */
export interface OwnPart {
  id: string
  name: string
  role: PartRole
  rated: Zone
  into: Fit
  out: Fit
  /** Of a part that divides. */
  secondOut?: Fit | null
  lengthM?: number | null
  boreM?: number | null
  inputW?: number | null
  setGaugePa?: number | null
}

const HOSE_MONTHS = 60
const REGULATOR_MONTHS = 180
/** Highest outlet pressure that counts as low: twice the usual 11 in WC. */
const LOW_TO_PA = inWC(22)
const INTERMEDIATE_TO_PA = psi(16)

function outletOf(setGaugePa: number, gas: 'propane' | 'co2'): Zone {
  if (gas === 'co2') return 'co2-low'
  return setGaugePa <= LOW_TO_PA ? 'low' : setGaugePa <= INTERMEDIATE_TO_PA ? 'intermediate' : 'cylinder'
}

function requireNumber(value: number | null | undefined, path: string, message: string): number {
  if (typeof value !== 'number' || !(value > 0)) throw new InputError(path, message)
  return value
}

/**
 * Part type of an owner's own part.
 *
 * @param own - with the numbers its role needs
 * @throws InputError at the field that is missing
 */
export function ownPartType(own: OwnPart): PartType {
  const { id, role, rated, into, out } = own
  const name = own.name.trim()
  if (name === '') throw new InputError('name', 'Give it a name.')
  const gas = zoneFacts[rated].gas
  const isFitting = role === 'adapter' || role === 'valve' || role === 'plug'
  const ports: PartType['ports'] = [
    ...(roleTraits[role].isSource ? [] : [{ id: 'in', way: 'in' as const, fits: [into] }]),
    ...(roleTraits[role].isEnd ? [] : [{ id: 'out', way: 'out' as const, fits: [out] }]),
    ...(role === 'tee' ? [{ id: 'out-2', way: 'out' as const, fits: [own.secondOut ?? out] }] : []),
  ]
  const shape: PartType = { id, name, role, rated, gas: isFitting ? 'any' : gas, ports }
  if (roleTraits[role].isRun) {
    const run = {
      lengthM: requireNumber(own.lengthM, 'lengthM', 'Enter its length: it decides what is lost on the way.'),
      boreM: requireNumber(own.boreM, 'boreM', 'Enter its inside diameter: it decides what is lost on the way.'),
    }
    return role === 'hose'
      ? { ...shape, ...run, material: 'rubber', oldMonths: HOSE_MONTHS }
      : { ...shape, ...run, material: 'hard' }
  }
  if (role === 'regulator') {
    const setGaugePa = requireNumber(own.setGaugePa, 'setGaugePa', 'Enter the pressure it holds behind it.')
    const outlet = outletOf(setGaugePa, gas)
    return {
      ...shape,
      oldMonths: REGULATOR_MONTHS,
      regulator: {
        setGaugePa,
        lockupGaugePa: setGaugePa * 1.15,
        ratedW: null,
        minInletGaugePa: setGaugePa * 2,
        outlet,
      },
    }
  }
  if (role === 'appliance') {
    const inputW = requireNumber(own.inputW, 'inputW', 'Enter its heat input: it is on the plate.')
    const ownRegulator = rated !== 'low' || connections[into.connection].pressure === 'cylinder'
    const minGaugePa = ownRegulator ? psi(5) : inWC(10)
    return { ...shape, appliance: { inputW, ownRegulator, minGaugePa, wantsFilter: false, portable: false } }
  }
  return shape
}
