'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { carriers, transportCheck, carryItems, type Carrier } from '@/core/fill/transport/transportCheck'
import { sortFindings } from '@/core/findings/Finding'
import { verdict } from '@/core/findings/verdict'
import { useTicks, type LoggedTick } from '@/app/shared/useTicks'
import { FindingList } from '@/ui/figures/FindingList'
import { StateMark } from '@/ui/figures/StateMark'
import type { ProcedureStep } from '@/core/rules/procedureStep'
import { StepRail } from '@/ui/shell/StepRail'
import { useSessionState } from '@/ui/state/useSessionState'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const carrierLabels: Readonly<Record<Carrier, string>> = {
  'closed-car': 'inside a closed car',
  'open-bed': 'in an open bed',
  'outside-locker': 'in a locker vented to the outside',
  'living-space': 'in the living space of the rig',
}

const steps: readonly ProcedureStep[] = carryItems.map(({ id, title, why }) => ({
  id,
  title,
  does: '',
  why,
  holds: false,
}))

const leaveLabels = {
  ready: 'Nothing stands against leaving, as far as ticked',
  'fix-first': 'See to this first',
  stop: 'Do not leave like this',
} as const

/** Transport check before driving to the pump. */
export function CarryBench({
  rigId,
  cylinders,
  asked,
  today,
  ticks: logged,
}: {
  rigId: string
  cylinders: readonly CylinderGear[]
  asked: string | null
  /** Day where the owner is. */
  today: string
  ticks: readonly LoggedTick[]
}) {
  const [chosen, setChosen] = useSessionState<readonly string[]>(`carry ${asked ?? ''}`, asked ? [asked] : [])
  const [carrier, setCarrier] = useState<Carrier>('closed-car')
  const { ticks, tick, untick } = useTicks({ rigId, procedure: 'carry', subjectId: '' }, logged)
  const carried = cylinders.filter(({ id }) => chosen.includes(id))
  const findings = sortFindings(
    transportCheck(
      carried,
      carrier,
      ticks.map(({ stepId }) => stepId),
      today,
    ),
  )
  const outcome = verdict(findings)
  return (
    <>
      <div className="carry-bench">
        <fieldset>
          <legend>Which go along</legend>
          {cylinders.map(({ id, name }) => (
            <Form.Check
              key={id}
              id={`carry-${id}`}
              label={name}
              checked={chosen.includes(id)}
              onChange={(event) =>
                setChosen(event.target.checked ? [...chosen, id] : chosen.filter((other) => other !== id))
              }
            />
          ))}
        </fieldset>
        <div>
          <Form.Label htmlFor="carrier">{fillLabels.whereTheyRide}</Form.Label>
          <Form.Select id="carrier" value={carrier} onChange={(event) => setCarrier(event.target.value as Carrier)}>
            {carriers.map((one) => (
              <option key={one} value={one}>
                {carrierLabels[one]}
              </option>
            ))}
          </Form.Select>
          <div className="carry-verdict mt-3" role="status">
            {carried.length === 0 ? (
              <p className="mb-0">Choose what goes along.</p>
            ) : (
              <p className="large mb-0">
                <StateMark state={outcome} size={34} /> {leaveLabels[outcome]}
              </p>
            )}
          </div>
        </div>
      </div>
      <StepRail label={sharedLabels.beforeLeaving} steps={steps} ticks={ticks} tick={tick} untick={untick} />
      {carried.length > 0 && (
        <section className="mt-3" aria-label={sharedLabels.findings}>
          <FindingList findings={findings} />
        </section>
      )}
      <section className="mt-4">
        <h2>Taking it out, and back</h2>
        <ol>
          <li>Valve shut, lines burned down at an appliance, regulator or pigtail off, plug in.</li>
          <li>
            Hold-down nut and bar off, the cylinder lifted out upright. Back the other way round: the bar must really
            clamp.
          </li>
          <li>In a car a belt from each side of the middle seat holds it; one elastic strap does not.</li>
          <li>
            CO2 the same, capped, with a window open: five pounds let go in a closed car are air one cannot breathe.
          </li>
        </ol>
        <p className="hint">
          Local law comes first. What is counted here is each cylinder filled to its limit, since that is how it comes
          home.
        </p>
      </section>
    </>
  )
}
