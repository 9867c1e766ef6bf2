'use client'

import { useState } from 'react'
import { voidEventAction } from '@/actions/log'
import { tickAction } from '@/actions/fill'
import { useRequestKeys } from '@/ui/state/useRequestKeys'
import { useNotice } from '@/ui/state/UndoProvider'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A step as it was logged. */
export interface LoggedTick {
  id: string
  stepId: string
  tickedAt: string
}

/** The run of a procedure that a page shows. */
export interface RunOf {
  rigId: string
  procedure: string
  subjectId: string
}

/**
 * Ticks of one procedure, each saved when set and voided when removed.
 *
 * @param run - the procedure and what it is about
 * @param logged - those in the records
 */
export function useTicks(run: RunOf, logged: readonly LoggedTick[]) {
  const say = useNotice()
  const { keyFor, answered } = useRequestKeys()
  const [ticks, setTicks] = useState(logged)
  const failed = (): void => say({ done: 'Not logged: the server does not answer. Tick it again when it runs.' })

  const tick = async (stepId: string): Promise<void> => {
    const entry = { ...run, stepId }
    const answer = await tickAction(entry, keyFor(entry)).catch(() => null)
    if (answer) answered(entry)
    if (!answer?.ok) return failed()
    setTicks((before) => [...before.filter((other) => other.stepId !== stepId), { ...answer.value, stepId }])
  }
  const untick = async (stepId: string): Promise<void> => {
    const standing = ticks.find((other) => other.stepId === stepId)
    if (!standing) return
    const answer = await voidEventAction({ of: 'tick', id: standing.id, reason: sharedLabels.takenBack }).catch(
      () => null,
    )
    if (!answer?.ok) return failed()
    setTicks((before) => before.filter((other) => other.stepId !== stepId))
  }
  return { ticks, tick: (stepId: string) => void tick(stepId), untick: (stepId: string) => void untick(stepId) }
}
