import { kindFacts, type ReliefTraits } from '@/core/cylinders/cylinderKind'
import { readSpecification } from '@/core/cylinders/stamps/readSpecification'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

export interface ReliefSetting {
  gaugePa: number
  device: ReliefTraits['device']
  /** Whether the setting follows from the stamp or is the usual one for the kind. */
  from: 'stamp' | 'usual'
}

/**
 * Gauge pressure at which the relief device opens.
 *
 * @param cylinder - kind and specification
 * @see common practice: 375 psig for 240 psi cylinders, 250 psig for fixed tanks unless the plate says 312
 */
export function reliefPressurePa(cylinder: Pick<CylinderGear, 'kind'>, specification: string | null): ReliefSetting {
  const stamped = specification === null ? null : readSpecification(specification)?.servicePressurePa
  const { device, usualGaugePa, overService } = kindFacts[cylinder.kind].relief
  if (!stamped || overService === null) return { gaugePa: usualGaugePa, device, from: 'usual' }
  return { gaugePa: stamped * overService, device, from: 'stamp' }
}
