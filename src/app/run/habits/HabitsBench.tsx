'use client'

import { RunHeader } from '@/app/run/RunHeader'
import type { RunPageData } from '@/app/run/runPageData'
import { useRunEditor } from '@/app/run/useRunEditor'
import { Appliances } from './Appliances'

/** What burns on the trip, and how that goes. */
export function HabitsBench({ data, trip }: { data: RunPageData; trip: NonNullable<RunPageData['trip']> }) {
  const editor = useRunEditor(data, trip)
  return (
    <>
      <RunHeader editor={editor} data={data} />
      <Appliances data={data} editor={editor} />
    </>
  )
}
