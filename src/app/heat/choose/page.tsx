import type { Metadata } from 'next'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { NoRoomYet } from '@/app/shared/NothingYet'
import { ChooseBench } from './ChooseBench'

export const metadata: Metadata = { title: 'Which heater' }

export default async function ChoosePage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatPageData(searchParams)
  if (!world.chosen) return <NoRoomYet />
  return <ChooseBench key={world.chosen.id} world={world} shelter={world.chosen.shelter} />
}
