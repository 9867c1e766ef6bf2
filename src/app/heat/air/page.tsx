import type { Metadata } from 'next'
import { heatWorld, type HeatSearch } from '@/app/heat/heatWorld'
import { NoRoom } from '@/app/heat/NoRoom'
import { AirBench } from './AirBench'

export const metadata: Metadata = { title: 'Openings and air' }

export default async function AirPage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatWorld(searchParams)
  if (!world.chosen) return <NoRoom />
  return <AirBench key={world.chosen.id} world={world} begin={world.chosen} />
}
