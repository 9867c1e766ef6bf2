'use client'

import type { FillMode } from '@/core/fill/fillModes'
import { fillCautions, fillSteps } from '@/core/fill/procedures/fillSteps'
import { useTicks, type LoggedTick } from '@/app/shared/useTicks'
import { StepRail } from '@/ui/shell/StepRail'

/** Procedure of this fill with its cautions; steps cannot be ticked while a finding blocks filling. */
export function FillSteps({
  mode,
  rigId,
  cylinderId,
  ticks: logged,
  stopped,
}: {
  mode: FillMode
  rigId: string
  cylinderId: string
  ticks: readonly LoggedTick[]
  stopped: boolean
}) {
  const { ticks, tick, untick } = useTicks({ rigId, procedure: `fill ${mode}`, subjectId: cylinderId }, logged)
  return (
    <>
      <StepRail
        label="Procedure"
        steps={fillSteps(mode)}
        ticks={ticks}
        tick={tick}
        untick={untick}
        held={stopped ? 'It is not to be filled; the reason stands above.' : null}
      />
      <ul className="cautions" aria-label="Cautions">
        {fillCautions(mode).map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </>
  )
}
