import type { Metadata } from 'next'
import { History } from '@/app/shared/History'
import { heatWorld, type HeatSearch } from '@/app/heat/heatWorld'
import { NoRoom } from '@/app/heat/NoRoom'
import { warmUpHistory } from './warmUpHistory'
import { WarmUpBench } from './WarmUpBench'

export const metadata: Metadata = { title: 'Warm-up log' }

export default async function WarmUpPage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatWorld(searchParams)
  if (!world.chosen) return <NoRoom />
  return (
    <>
      <WarmUpBench key={world.chosen.id} world={world} room={world.chosen.shelter.room} roomId={world.chosen.id} />
      <History entries={warmUpHistory(world.warmUps)} />
    </>
  )
}
