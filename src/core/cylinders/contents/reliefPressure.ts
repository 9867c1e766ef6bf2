import { fromUnit } from '@/core/units/convert'
import { readSpecification } from '@/core/cylinders/stamps/readSpecification'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

export interface ReliefSetting {
  gaugePa: number
  /** A valve that closes again, or a disc that lets everything out. */
  device: 'valve' | 'disc'
  /** Whether the setting follows from the stamp or is the usual one for the kind. */
  from: 'stamp' | 'usual'
}

/** Relief valves of 240 psi cylinders are set at this many times the service pressure: 375 psig. */
const VALVE_OVER_SERVICE = 375 / 240
/** Burst discs of CO2 cylinders: 5/3 of the service pressure, 3,000 psig for 1,800. */
const DISC_OVER_SERVICE = 5 / 3

/**
 * Gauge pressure at which the relief device opens.
 *
 * @param cylinder - kind and specification
 * @see common practice: 375 psig for 240 psi cylinders, 250 psig for fixed tanks unless the plate says 312
 */
export function reliefPressurePa(cylinder: Pick<CylinderGear, 'kind'>, specification: string | null): ReliefSetting {
  const stamped = specification === null ? null : readSpecification(specification)?.servicePressurePa
  const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')
  if (cylinder.kind === 'co2') {
    return { gaugePa: (stamped ?? psi(1800)) * DISC_OVER_SERVICE, device: 'disc', from: stamped ? 'stamp' : 'usual' }
  }
  if (cylinder.kind === 'onboard') return { gaugePa: psi(250), device: 'valve', from: 'usual' }
  return { gaugePa: (stamped ?? psi(240)) * VALVE_OVER_SERVICE, device: 'valve', from: stamped ? 'stamp' : 'usual' }
}
