import type { Metadata } from 'next'
import { hookupWorld, type LineSearch } from '@/app/hookup/hookupWorld'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLine } from '@/app/hookup/NoLine'
import { JointBench } from './JointBench'

export const metadata: Metadata = { title: 'Joints' }

export default async function JointsPage({ searchParams }: { searchParams: LineSearch }) {
  const world = await hookupWorld(searchParams)
  if (!world.chosen) return <NoLine />
  return (
    <>
      <LinePicker lines={world.lines} chosenId={world.chosen.id} />
      <JointBench key={world.chosen.id} world={world} begin={world.chosen} />
    </>
  )
}
