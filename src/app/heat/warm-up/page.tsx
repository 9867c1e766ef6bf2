import type { Metadata } from 'next'
import { History } from '@/app/shared/History'
import { NoRoomYet } from '@/app/shared/NothingYet'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { warmUpHistory } from './warmUpHistory'
import { WarmUpBench } from './WarmUpBench'

export const metadata: Metadata = { title: 'Warm-up log' }

export default async function WarmUpPage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatPageData(searchParams)
  if (!world.chosen) return <NoRoomYet />
  return (
    <>
      <WarmUpBench key={world.chosen.id} world={world} room={world.chosen.shelter.room} roomId={world.chosen.id} />
      <History entries={warmUpHistory(world.warmUps)} />
    </>
  )
}
