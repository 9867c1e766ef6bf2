'use client'

import { SwapEntry, type SwapCylinder } from '@/app/trips/swap/SwapEntry'
import { useTicks, type LoggedTick, type RunOf } from '@/app/shared/useTicks'
import { procedureLabel, type TripProcedure } from '@/core/trip/procedures/tripSteps'
import type { ProcedureStep } from '@/core/rules/procedureStep'
import { Choice } from '@/ui/fields/Choice'
import { StepRail } from '@/ui/shell/StepRail'
import { useSessionState } from '@/ui/state/useSessionState'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** One procedure with its ticks. */
export interface ProcedureRail {
  procedure: TripProcedure
  run: RunOf
  steps: readonly ProcedureStep[]
  logged: readonly LoggedTick[]
}

function Rail({ rail: { procedure, run, steps, logged } }: { rail: ProcedureRail }) {
  const ticking = useTicks(run, logged)
  const left = steps.filter(({ id }) => !ticking.ticks.some(({ stepId }) => stepId === id)).length
  return (
    <>
      <StepRail label={procedureLabel(procedure)} steps={steps} {...ticking} />
      <p role="status" className="word-state">
        {left === 0 ? 'All done. It is in the logbook.' : `${left} of ${steps.length} left.`}
      </p>
    </>
  )
}

/** Procedures of a trip for this rig, one at a time. */
export function StepsBench({
  rails,
  cylinders,
}: {
  rails: readonly ProcedureRail[]
  cylinders: readonly SwapCylinder[]
}) {
  const [chosen, setChosen] = useSessionState<TripProcedure>('trip procedure', 'before')
  const rail = rails.find(({ procedure }) => procedure === chosen) ?? rails[0]
  return (
    <>
      <div className="procedure-choice">
        <Choice
          id="procedure"
          label={tripsLabels.which}
          value={rail?.procedure ?? chosen}
          options={rails.map(({ procedure }) => [procedure, procedureLabel(procedure)] as const)}
          set={setChosen}
        />
      </div>
      {rail && <Rail key={rail.procedure} rail={rail} />}
      {rail?.procedure === 'swap' && <SwapEntry cylinders={cylinders} />}
      <p className="hint">
        Made from your cylinders, changeover, heaters and alarms. The manuals of your equipment and the local code come
        first. A tap on a step says why it is there.
      </p>
    </>
  )
}
