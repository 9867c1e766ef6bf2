'use client'

import { RunTop } from '@/app/run/RunTop'
import type { RunWorld } from '@/app/run/runWorld'
import { useRunDesk } from '@/app/run/useRunDesk'
import { Appliances } from './Appliances'

/** What burns on the trip, and how that goes. */
export function HabitsBench({ world, trip }: { world: RunWorld; trip: NonNullable<RunWorld['trip']> }) {
  const desk = useRunDesk(world, trip)
  return (
    <>
      <RunTop desk={desk} world={world} />
      <Appliances world={world} desk={desk} />
    </>
  )
}
