import { notFound } from 'next/navigation'
import { cache } from 'react'
import { cylinderOf, type CylinderWithGear } from '@/services/cylinders/requireCylinder'

/** The cylinder of a page, read once per request; 404 for an unknown one. */
export const requireCylinder = cache((id: string): CylinderWithGear => cylinderOf(id) ?? notFound())
