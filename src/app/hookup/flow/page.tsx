import type { Metadata } from 'next'
import { hookupPageData, type LineSearch } from '@/app/hookup/hookupPageData'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLineYet } from '@/app/shared/NothingYet'
import { FlowBench } from './FlowBench'
import { hookupLabels } from '@/ui/terms/hookupLabels'

export const metadata: Metadata = { title: hookupLabels.flowAndPressure }

export default async function FlowPage({ searchParams }: { searchParams: LineSearch }) {
  const data = await hookupPageData(searchParams)
  if (!data.chosen) return <NoLineYet />
  return (
    <>
      <LinePicker lines={data.lines} chosenId={data.chosen.id} />
      <FlowBench key={data.chosen.id} data={data} begin={data.chosen} />
    </>
  )
}
