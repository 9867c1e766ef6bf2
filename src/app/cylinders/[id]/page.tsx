import { siteConditions } from '@/core/run/siteConditions'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { requireCylinder } from '@/app/shared/pageData'
import { meteredFills } from '@/services/cylinders/cylinderEvents'
import { History } from '@/app/shared/History'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { FitnessPlate } from '@/app/cylinders/FitnessPlate'
import { HeavierQuestion } from './HeavierQuestion'
import { historyOf } from './historyOf'
import { LevelBench } from './level/LevelBench'
import { WeighBench } from './WeighBench'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export const metadata: Metadata = { title: sharedLabels.cylinder }

export default async function CylinderPage({ params }: { params: Promise<{ id: string }> }) {
  const { gear, row } = requireCylinder((await params).id)
  const { trip, nowIso } = loadRigSnapshot()
  const { heavier } = gear.fitness
  const { altitudeM } = siteConditions(trip?.plan)
  return (
    <>
      {heavier && gear.fitness.refilledAt === null && <HeavierQuestion gear={gear} byKg={heavier.byKg} />}
      {kindFacts[gear.kind].isFixed ? (
        <LevelBench gear={gear} fullMark={row.fullMark} fills={meteredFills(gear.id)} altitudeM={altitudeM} />
      ) : (
        <WeighBench key={row.version} gear={gear} altitudeM={altitudeM} nowIso={nowIso} />
      )}
      <FitnessPlate fitness={vesselFitness(gear, nowIso.slice(0, 10))} />
      <History entries={historyOf(gear)} />
    </>
  )
}
