import { compareInstants } from '@/core/time/instant'
import type { Metadata } from 'next'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { cheapestPerKg } from '@/core/fill/cost/fillCosts'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { type DatedReading, LossBench, type LossVessel } from './LossBench'
import { measurementsOf } from '@/services/cylinders/cylinderEvents'
import type { CylinderWithGear } from '@/services/cylinders/requireCylinder'
import { ownersDay } from '@/services/shared/ownersClock'
import { pricesOf } from '@/services/fill/prices'

export const metadata: Metadata = { title: 'Loss over days' }

/** All valid readings of a vessel as contents, newest first, without those that its stamps now contradict. */
function readingsOf({ gear }: CylinderWithGear): DatedReading[] {
  const measured = measurementsOf(gear.id)
  const weighed = measured.weighings
    .filter(({ voidedAt }) => voidedAt === null)
    .map((lastWeighing) => ({ at: lastWeighing.weighedAt, seen: { lastWeighing, lastLevel: null } }))
  // A cylinder that ran out was used: that is no loss.
  const levels = measured.levels
    .filter(({ voidedAt, way }) => voidedAt === null && way !== 'swap')
    .map((lastLevel) => ({ at: lastLevel.readAt, seen: { lastWeighing: null, lastLevel } }))
  return [...weighed, ...levels]
    .flatMap(({ at, seen }) => {
      const held = gearContents({ ...gear, ...seen })
      return held ? [{ at, day: ownersDay(at), netKg: held.netKg }] : []
    })
    .toSorted((a, b) => compareInstants(b.at, a.at))
}

export default function LossPage() {
  const { rig, cylinders } = loadRigSnapshot()
  const pricePerKg = rig ? cheapestPerKg(pricesOf(rig.id)) : null
  const vessels = cylinders.map((cylinder): LossVessel => {
    const { id, name, kind } = cylinder.gear
    const { gas, small, isFixed } = kindFacts[kind]
    return {
      id,
      name,
      small,
      isCo2: gas === 'co2',
      isTank: isFixed,
      readings: readingsOf(cylinder),
      pricePerKg: gas === 'propane' ? pricePerKg : null,
    }
  })
  return <LossBench vessels={vessels} />
}
