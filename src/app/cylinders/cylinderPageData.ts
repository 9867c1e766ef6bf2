import { notFound } from 'next/navigation'
import { cache } from 'react'
import type { MeteredFill } from '@/core/cylinders/contents/calibrateGauge'
import { database } from '@/records/database'
import { findCylinder, type CylinderWithGear } from '@/records/repositories/cylinders/cylinders'
import { listFills } from '@/records/repositories/cylinders/fills'

/** Fills with a gauge reading before and a metered volume, for the gauge calibration. */
export function meteredFills(cylinderId: string): MeteredFill[] {
  return listFills(database(), cylinderId).flatMap(({ voidedAt, shownBefore, meteredM3 }) =>
    voidedAt === null && shownBefore !== null && meteredM3 !== null ? [{ shown: shownBefore, meteredM3 }] : [],
  )
}

/** The cylinder of a page, read once per request; 404 for an unknown one. */
export const requireCylinder = cache((id: string): CylinderWithGear => {
  const cylinder = findCylinder(database(), id)
  if (!cylinder) notFound()
  return cylinder
})
