import type { Metadata } from 'next'
import { database } from '@/records/database'
import { listManualPages } from '@/records/repositories/photos'
import { heatPageData, type HeatSearch } from '@/app/heat/heatPageData'
import { HeaterShelf } from './HeaterShelf'

export const metadata: Metadata = { title: 'Heaters' }

export default async function HeatersPage({ searchParams }: { searchParams: HeatSearch }) {
  const data = await heatPageData(searchParams)
  const pages = Object.fromEntries(
    data.heaters.map(({ id }) => [id, listManualPages(database(), id).map((page) => page.id)]),
  )
  return <HeaterShelf data={data} pages={pages} />
}
