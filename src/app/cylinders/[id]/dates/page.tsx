import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { Metadata } from 'next'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { tripEndDay } from '@/core/time/day'
import { requireCylinder } from '@/app/shared/pageData'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { PumpPlate } from '@/app/cylinders/PumpPlate'
import { DueBench } from './DueBench'
import { MarkForm } from './MarkForm'
import { MarkList } from './MarkList'
import { RuleOfCylinder } from './RuleOfCylinder'
import { marksOf } from '@/services/cylinders/cylinderEvents'

export const metadata: Metadata = { title: 'Dates' }

export default async function DatesPage({ params }: { params: Promise<{ id: string }> }) {
  const { gear, row } = requireCylinder((await params).id)
  const { nowIso, trip } = loadRigSnapshot()
  const today = nowIso.slice(0, 10)
  const untilDay = trip ? tripEndDay(trip.row.startDay, trip.row.nights) : today
  const dated = !kindFacts[gear.kind].dateClass.overStamps
  return (
    <div className="bench-and-slip">
      <div>
        <DueBench gear={gear} today={today} untilDay={untilDay} />
        {dated && <MarkForm cylinderId={gear.id} name={gear.name} thisMonth={today.slice(0, 7)} />}
        <MarkList marks={marksOf(gear.id)} />
        {dated && <RuleOfCylinder row={row} rule={gear.fitness.rule} />}
      </div>
      <PumpPlate answer={vesselFitness(gear, today).fill} name={gear.name} />
    </div>
  )
}
