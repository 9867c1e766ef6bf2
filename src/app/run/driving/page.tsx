import type { Metadata } from 'next'
import { runPageData } from '@/app/run/runPageData'
import { ticksGoingOn } from '@/services/log/ticks'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { stepsFacts } from '@/core/trip/procedures/stepsFacts'
import { type RoadProcedure, tripSteps } from '@/core/trip/procedures/tripSteps'
import { DrivingBench, type RoadRails } from './DrivingBench'

export const metadata: Metadata = { title: 'Driving' }

export default function DrivingPage() {
  const { rigId, rigVersion, drivingRules, trip } = runPageData()
  const { nowIso, gear } = loadRigSnapshot()
  const facts = stepsFacts(gear, trip?.plan ?? { uses: [], altitudeM: 0 })
  const railOf = (procedure: RoadProcedure) => ({
    steps: tripSteps(procedure, facts),
    logged: ticksGoingOn({ rigId, procedure: `travel ${procedure}`, subjectId: '' }, nowIso),
  })
  const rails: RoadRails = { arrive: railOf('arrive'), leave: railOf('leave'), store: railOf('store') }
  return <DrivingBench rigId={rigId} version={rigVersion} ownRules={drivingRules} rails={rails} />
}
