import type { Metadata } from 'next'
import { hookupPageData, type LineSearch } from '@/app/hookup/hookupPageData'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLineYet } from '@/app/shared/NothingYet'
import { JointBench } from './JointBench'

export const metadata: Metadata = { title: 'Joints' }

export default async function JointsPage({ searchParams }: { searchParams: LineSearch }) {
  const world = await hookupPageData(searchParams)
  if (!world.chosen) return <NoLineYet />
  return (
    <>
      <LinePicker lines={world.lines} chosenId={world.chosen.id} />
      <JointBench key={world.chosen.id} world={world} begin={world.chosen} />
    </>
  )
}
