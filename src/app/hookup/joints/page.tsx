import type { Metadata } from 'next'
import { hookupPageData, type LineSearch } from '@/app/hookup/hookupPageData'
import { LinePicker } from '@/app/hookup/LinePicker'
import { NoLineYet } from '@/app/shared/NothingYet'
import { JointBench } from './JointBench'
import { hookupLabels } from '@/ui/terms/hookupLabels'

export const metadata: Metadata = { title: hookupLabels.joints }

export default async function JointsPage({ searchParams }: { searchParams: LineSearch }) {
  const data = await hookupPageData(searchParams)
  if (!data.chosen) return <NoLineYet />
  return (
    <>
      <LinePicker lines={data.lines} chosenId={data.chosen.id} />
      <JointBench key={data.chosen.id} data={data} begin={data.chosen} />
    </>
  )
}
