import type { Metadata } from 'next'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { NoRoomYet } from '@/app/shared/NothingYet'
import { ChooseBench } from './ChooseBench'

export const metadata: Metadata = { title: 'Which heater' }

export default async function ChoosePage({ searchParams }: { searchParams: HeatSearch }) {
  const data = await heatPageData(searchParams)
  if (!data.chosen) return <NoRoomYet />
  return <ChooseBench key={data.chosen.id} data={data} shelter={data.chosen.shelter} />
}
