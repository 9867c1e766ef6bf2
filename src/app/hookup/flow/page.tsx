import type { Metadata } from 'next'
import { hookupWorld, type LineSearch } from '@/app/hookup/hookupWorld'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLine } from '@/app/hookup/NoLine'
import { FlowBench } from './FlowBench'

export const metadata: Metadata = { title: 'Flow and pressure' }

export default async function FlowPage({ searchParams }: { searchParams: LineSearch }) {
  const world = await hookupWorld(searchParams)
  if (!world.chosen) return <NoLine />
  return (
    <>
      <LinePicker lines={world.lines} chosenId={world.chosen.id} />
      <FlowBench key={world.chosen.id} world={world} begin={world.chosen} />
    </>
  )
}
