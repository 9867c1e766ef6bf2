import type { Metadata } from 'next'
import { heatPageData, type HeatSearch } from './heatPageData'
import { NewRoom } from './NewRoom'
import { RoomBench } from './RoomBench'

export const metadata: Metadata = { title: 'Heat & air' }

export default async function HeatPage({ searchParams }: { searchParams: HeatSearch }) {
  const data = await heatPageData(searchParams, true)
  const { chosen } = data
  if (!chosen) return <NewRoom data={data} />
  return <RoomBench key={`${chosen.id} ${data.about ?? ''}`} data={data} begin={chosen} />
}
