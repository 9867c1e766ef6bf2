import { database } from '@/records/database'
import { NotFoundError } from '@/records/RecordsError'
import {
  cylinderName,
  type CylinderWithGear,
  findCylinder,
  findCylinders,
} from '@/records/repositories/cylinders/cylinders'

export type { CylinderWithGear }

/** A cylinder of the records with what is known of it; archived ones too. */
export function cylinderOf(id: string): CylinderWithGear | undefined {
  return findCylinder(database(), id)
}

/** Cylinders of one rig with what is known of them, in one reading; archived ones too. */
export function cylindersOf(ids: readonly string[]): CylinderWithGear[] {
  return findCylinders(database(), ids)
}

/**
 * A cylinder that has to be there.
 *
 * @throws NotFoundError when there is none of this identifier
 */
export function requireCylinder(id: string): CylinderWithGear {
  const cylinder = cylinderOf(id)
  if (!cylinder) throw new NotFoundError('cylinder')
  return cylinder
}

/** Name of a cylinder, for texts. */
export function nameOfCylinder(id: string): string | undefined {
  return cylinderName(database(), id)
}
