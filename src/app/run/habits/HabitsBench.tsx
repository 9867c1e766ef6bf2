'use client'

import { RunHeader } from '@/app/run/RunHeader'
import type { RunPageData } from '@/app/run/runPageData'
import { useRunEditor } from '@/app/run/useRunEditor'
import { Appliances } from './Appliances'

/** What burns on the trip, and how that goes. */
export function HabitsBench({ world, trip }: { world: RunPageData; trip: NonNullable<RunPageData['trip']> }) {
  const desk = useRunEditor(world, trip)
  return (
    <>
      <RunHeader desk={desk} world={world} />
      <Appliances world={world} desk={desk} />
    </>
  )
}
