import type { Metadata } from 'next'
import { heatWorld, type HeatSearch } from '@/app/heat/heatWorld'
import { NoRoom } from '@/app/heat/NoRoom'
import { ChooseBench } from './ChooseBench'

export const metadata: Metadata = { title: 'Which heater' }

export default async function ChoosePage({ searchParams }: { searchParams: HeatSearch }) {
  const world = await heatWorld(searchParams)
  if (!world.chosen) return <NoRoom />
  return <ChooseBench key={world.chosen.id} world={world} shelter={world.chosen.shelter} />
}
