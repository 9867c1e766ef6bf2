import type { CylinderKind } from '@/core/cylinders/cylinderKind'
import type { DateClass } from './dateClass'
import { readSpecification } from './readSpecification'

/**
 * Which date rule holds for a cylinder: its kind where that settles it, else its specification.
 *
 * @param specification - as stamped; null or one not known leaves it to the kind
 */
export function dateClassOf(kind: CylinderKind, specification: string | null): DateClass {
  if (kind === 'onboard') return 'fixed'
  if (kind === 'bottle') return 'non-refillable'
  const stamped = specification === null ? null : readSpecification(specification)
  if (stamped) return stamped.dateClass
  return kind === 'co2' ? 'high-pressure' : 'welded'
}
