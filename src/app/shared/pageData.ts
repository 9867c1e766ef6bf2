import { cookies } from 'next/headers'
import { notFound } from 'next/navigation'
import { cache } from 'react'
import type { UnitSystem } from '@/core/units/displayRoles'
import { cylinderOf, type CylinderWithGear } from '@/services/cylinders/requireCylinder'
import { rigSnapshot, type RigSnapshot } from '@/services/rigs/rigSnapshot'
import { UNITS_COOKIE } from '@/ui/state/unitsCookie'

/** The rig, its gear and its next trip, as they are for the whole of one request. */
export const loadRigSnapshot = cache((): RigSnapshot => rigSnapshot(new Date()))

/** The cylinder of a page, read once per request; 404 for an unknown one. */
export const requireCylinder = cache((id: string): CylinderWithGear => cylinderOf(id) ?? notFound())

/** The family of units the reader chose in this browser. */
export async function chosenUnits(): Promise<UnitSystem> {
  return (await cookies()).get(UNITS_COOKIE)?.value === 'metric' ? 'metric' : 'us'
}
