import type { Metadata } from 'next'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { HeaterShelf } from './HeaterShelf'
import { manualPagesOf } from '@/services/heat/heaters'

export const metadata: Metadata = { title: 'Heaters' }

export default async function HeatersPage({ searchParams }: { searchParams: HeatSearch }) {
  const data = await heatPageData(searchParams)
  const pages = Object.fromEntries(data.heaters.map(({ id }) => [id, manualPagesOf(id).map((page) => page.id)]))
  return <HeaterShelf data={data} pages={pages} />
}
