import type { Metadata } from 'next'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { NoRoomYet } from '@/app/shared/NothingYet'
import { AirBench } from './AirBench'
import { heatLabels } from '@/ui/terms/heatLabels'

export const metadata: Metadata = { title: heatLabels.openingsAndAir }

export default async function AirPage({ searchParams }: { searchParams: HeatSearch }) {
  const data = await heatPageData(searchParams)
  if (!data.chosen) return <NoRoomYet />
  return <AirBench key={data.chosen.id} data={data} begin={data.chosen} />
}
