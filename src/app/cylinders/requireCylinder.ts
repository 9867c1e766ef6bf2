import { notFound } from 'next/navigation'
import { cache } from 'react'
import { findCylinder, type CylinderWithGear } from '@/records/repositories/cylinders/cylinders'
import { database } from '@/records/database'

/** The cylinder of a page, read once for each request; an address without one is not found. */
export const requireCylinder = cache((id: string): CylinderWithGear => {
  const cylinder = findCylinder(database(), id)
  if (!cylinder) notFound()
  return cylinder
})
