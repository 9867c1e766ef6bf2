'use client'

import { useState } from 'react'
import { useTicks, type LoggedTick } from '@/app/shared/useTicks'
import { alwaysOff, drivingRules } from '@/core/run/travel/drivingRules'
import { FOOD_K, fridgeWarmUp } from '@/core/run/travel/fridgeWarmUp'
import type { ProcedureStep } from '@/core/rules/procedureStep'
import { procedureLabel, type RoadProcedure, roadProcedures } from '@/core/trip/procedures/tripSteps'
import type { OwnDrivingRule } from '@/core/run/travel/ownDrivingRule'
import { Amount } from '@/ui/figures/Amount'
import { Choice } from '@/ui/fields/Choice'
import { FigureButton } from '@/ui/figures/FigureButton'
import { Measure } from '@/ui/fields/Measure'
import { StepRail } from '@/ui/shell/StepRail'
import { tryCalculation } from '@/ui/state/tryCalculation'
import { useSessionState } from '@/ui/state/useSessionState'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import { runLabels } from '@/ui/terms/runLabels'
import { drivingStateLabels, OwnRules } from './OwnRules'

/** The steps of a procedure for this rig, and which are done. */
export type RoadRails = Readonly<
  Record<RoadProcedure, { steps: readonly ProcedureStep[]; logged: readonly LoggedTick[] }>
>

function Rail({
  rigId,
  procedure,
  rail: { steps, logged },
}: {
  rigId: string
  procedure: RoadProcedure
  rail: RoadRails[RoadProcedure]
}) {
  const run = useTicks({ rigId, procedure: `travel ${procedure}`, subjectId: '' }, logged)
  return <StepRail label={procedureLabel(procedure)} steps={steps} {...run} />
}

/** Warm-up of the fridge while driving. */
function FridgeOff() {
  const [typed, set] = useUsualInputs('fridge off', (round) => ({
    startK: round('temperature', 36, 3),
    aroundK: round('temperature', 75, 24),
    offS: 6 * 3600,
  }))
  const { found, at } = tryCalculation(() => fridgeWarmUp(typed.startK, typed.aroundK, typed.offS))
  return (
    <section aria-label={runLabels.fridgeWhileDriving} className="mt-4">
      <h2>The fridge, off and shut</h2>
      <div className="fields narrow">
        <Measure
          label="Inside when you leave"
          role="temperature"
          value={typed.startK}
          issue={at('startK')}
          set={(startK) => set({ startK })}
        />
        <Measure
          label="In the rig on the way"
          role="temperature"
          value={typed.aroundK}
          issue={at('aroundK')}
          set={(aroundK) => set({ aroundK })}
        />
        <Measure
          label={runLabels.onTheRoadFor}
          role="duration"
          mayBeZero
          value={typed.offS}
          issue={at('offS')}
          set={(offS) => set({ offS })}
        />
      </div>
      {found && (
        <>
          <ul className="air-figures">
            <li>
              <span>inside on arrival</span>
              <FigureButton
                className="large"
                figure={{
                  basis: 'fridge-off',
                  quantity: { value: found.endK, role: 'temperature' },
                  inputs: [
                    { label: 'When you leave', quantity: { value: typed.startK, role: 'temperature' } },
                    { label: 'Around it', quantity: { value: typed.aroundK, role: 'temperature' } },
                    { label: 'On the road', quantity: { value: typed.offS, role: 'duration' } },
                  ],
                }}
              />
            </li>
          </ul>
          <p className={found.tooWarmAtS === null ? '' : 'issue'}>
            {found.tooWarmAtS === null ? (
              <>
                It stays below <Amount quantity={{ value: FOOD_K, role: 'temperature' }} />: keep it shut, and off.
              </>
            ) : (
              <>
                Above <Amount quantity={{ value: FOOD_K, role: 'temperature' }} /> after{' '}
                <Amount quantity={{ value: found.tooWarmAtS, role: 'duration' }} />: cool it down well before, put ice
                in, or run it on 12 V while the engine charges.
              </>
            )}
          </p>
        </>
      )}
    </section>
  )
}

/** Gas while driving, off by default; steps for arriving, leaving and storing. */
export function DrivingBench({
  rigId,
  version,
  ownRules,
  rails,
}: {
  rigId: string
  version: number
  ownRules: readonly OwnDrivingRule[]
  rails: RoadRails
}) {
  const [place, setPlace] = useSessionState('driving place', 'elsewhere')
  const [procedure, setProcedure] = useState<RoadProcedure>('arrive')
  const own = ownRules.map((one) => ({
    ...one,
    id: `own ${one.place}`,
    source: 'As you looked it up',
    provenance: 'entered',
  }))
  const rule = [...own, ...drivingRules].find(({ id }) => id === place) ?? drivingRules.at(-1)
  return (
    <>
      <div className="bench-and-slip">
        <div>
          <section aria-label={runLabels.gasOnTheRoad}>
            <h2>{runLabels.gasOnTheRoad}</h2>
            <p>Off, unless you have a reason and the law lets you: a line torn in a crash then has nothing to give.</p>
            <Choice
              id="driving-place"
              label={runLabels.whereYouDrive}
              value={place}
              options={[...own, ...drivingRules].map(({ id, place: name }) => [id, name] as const)}
              set={setPlace}
            />
            {rule && (
              <div className="plate mt-2" role="status">
                <p className="mb-1">
                  <strong>{drivingStateLabels[rule.on]}</strong> {rule.words}
                </p>
                <p className="hint mb-0">
                  {rule.source} · {rule.provenance}. Local law and the sign at the entrance come first: look them up.
                </p>
              </div>
            )}
          </section>
          <OwnRules key={version} rigId={rigId} version={version} rules={ownRules} />
          <FridgeOff />
        </div>
        <section className="slip" aria-label="Always off">
          <h2>Off everywhere</h2>
          <p className="sub">whatever the country says of the road</p>
          <ul className="always-off">
            {alwaysOff.map(({ id, place: name, words }) => (
              <li key={id}>
                <strong>{name}</strong> {words}
              </li>
            ))}
          </ul>
        </section>
      </div>
      <div className="tray-groups mt-3" role="group" aria-label="What is to be done">
        {roadProcedures.map((one) => (
          <button key={one} type="button" aria-pressed={one === procedure} onClick={() => setProcedure(one)}>
            {procedureLabel(one)}
          </button>
        ))}
      </div>
      <Rail key={procedure} rigId={rigId} procedure={procedure} rail={rails[procedure]} />
    </>
  )
}
