import type { Metadata } from 'next'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { NoRoomYet } from '@/app/shared/NothingYet'
import { AirBench } from './AirBench'

export const metadata: Metadata = { title: 'Openings and air' }

export default async function AirPage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatPageData(searchParams)
  if (!world.chosen) return <NoRoomYet />
  return <AirBench key={world.chosen.id} world={world} begin={world.chosen} />
}
