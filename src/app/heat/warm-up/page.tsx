import type { Metadata } from 'next'
import { History } from '@/app/shared/History'
import { NoRoomYet } from '@/app/shared/NothingYet'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { warmUpHistory } from './warmUpHistory'
import { WarmUpBench } from './WarmUpBench'

export const metadata: Metadata = { title: 'Warm-up log' }

export default async function WarmUpPage({ searchParams }: { searchParams: HeatSearch }) {
  const data = await heatPageData(searchParams)
  if (!data.chosen) return <NoRoomYet />
  return (
    <>
      <WarmUpBench key={data.chosen.id} data={data} room={data.chosen.shelter.room} roomId={data.chosen.id} />
      <History entries={warmUpHistory(data.warmUps)} />
    </>
  )
}
