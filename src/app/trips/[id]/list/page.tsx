import type { Metadata } from 'next'
import { ticksGoingOn } from '@/services/log/ticks'
import { gasPrices } from '@/app/shared/gasPrices'
import { TripHeader } from '@/app/trips/TripHeader'
import { tripPageData } from '@/app/trips/tripPageData'
import { dayList } from '@/core/trip/tasks/dayList'
import { fillableIds } from '@/core/run/analysis/fillBefore'
import { DayListBench } from './DayListBench'

export const metadata: Metadata = { title: 'The day’s list' }

/** Errands may take several days. */
const MAX_MS = 14 * 86_400_000

export default async function DayListPage({ params }: { params: Promise<{ id: string }> }) {
  const { row, gear, judgment, ready, nowIso, isNext, offers } = tripPageData((await params).id)
  const fillable = fillableIds(gear.cylinders, nowIso.slice(0, 10))
  const list = dayList(ready.answered, judgment.balances, fillable, gasPrices(offers))
  const run = { rigId: row.rigId, procedure: 'day list', subjectId: row.id }
  return (
    <>
      <TripHeader trip={row} isNext={isNext} />
      <DayListBench run={run} list={list} logged={ticksGoingOn(run, nowIso, MAX_MS)} hasPrices={offers.length > 0} />
    </>
  )
}
