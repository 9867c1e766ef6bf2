import type { Metadata } from 'next'
import { heatPageData, type HeatSearch } from './heatPageData'
import { NewRoom } from './NewRoom'
import { RoomBench } from './RoomBench'

export const metadata: Metadata = { title: 'Heat & air' }

export default async function HeatPage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatPageData(searchParams, true)
  const { chosen } = world
  if (!chosen) return <NewRoom world={world} />
  return <RoomBench key={`${chosen.id} ${world.about ?? ''}`} world={world} begin={chosen} />
}
