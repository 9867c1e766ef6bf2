import type { Metadata } from 'next'
import { hookupPageData, type LineSearch } from '@/app/hookup/hookupPageData'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLineYet } from '@/app/shared/NothingYet'
import { FlowBench } from './FlowBench'

export const metadata: Metadata = { title: 'Flow and pressure' }

export default async function FlowPage({ searchParams }: { searchParams: LineSearch }) {
  const world = await hookupPageData(searchParams)
  if (!world.chosen) return <NoLineYet />
  return (
    <>
      <LinePicker lines={world.lines} chosenId={world.chosen.id} />
      <FlowBench key={world.chosen.id} world={world} begin={world.chosen} />
    </>
  )
}
