'use client'

import { Link } from '@/ui/shell/Link'
import { useState } from 'react'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { useTicks, type LoggedTick } from '@/app/shared/useTicks'
import type { Heater } from '@/core/heat/heaters/heater'
import { heaterFindings } from '@/core/heat/heaters/heaterFindings'
import {
  heaterProcedures,
  lightingSteps,
  procedureLabels,
  type HeaterProcedure,
} from '@/core/heat/heaters/lightingSteps'
import { Choice } from '@/ui/fields/Choice'
import { FindingList } from '@/ui/figures/FindingList'
import { StepRail } from '@/ui/shell/StepRail'
import { Alarms } from './Alarms'
import { AltitudePlate } from './AltitudePlate'
import { heatLabels } from '@/ui/terms/heatLabels'

/** Ticks of each heater's procedures that are going on. */
export type HeaterTicks = Readonly<Record<string, Readonly<Partial<Record<HeaterProcedure, readonly LoggedTick[]>>>>>

function Rail({
  rigId,
  heaterId,
  heater,
  procedure,
  logged,
}: {
  rigId: string
  heaterId: string
  heater: Heater
  procedure: HeaterProcedure
  logged: readonly LoggedTick[]
}) {
  const run = useTicks({ rigId, procedure: `heater ${procedure}`, subjectId: heaterId }, logged)
  return <StepRail label={procedureLabels[procedure]} steps={lightingSteps(heater, procedure)} {...run} />
}

/** Lighting and stopping step by step, with what is held; the height, and the alarms. */
export function LightingBench({ data, ticks }: { data: HeatPageData; ticks: HeaterTicks }) {
  const { heaters, rigId, altitudeM, equipment, chosen } = data
  const [heaterId, setHeaterId] = useState(data.heaterId ?? heaters[0]?.id ?? '')
  const [procedure, setProcedure] = useState<HeaterProcedure>('light')
  const stored = heaters.find(({ id }) => id === heaterId)
  const uses = chosen?.shelter.placed.filter((one) => one.heaterId === heaterId).map(({ use }) => use) ?? []
  const burning = data.planned.find(({ id }) => id === stored?.applianceId) ?? null
  const findings = stored ? heaterFindings(stored, { uses, altitudeM, equipment, planned: burning }) : []
  return (
    <>
      {stored ? (
        <>
          <div className="line-head">
            <Choice
              id="lit-heater"
              label={heatLabels.heater}
              value={heaterId}
              options={heaters.map(({ id, name }) => [id, name] as const)}
              set={setHeaterId}
            />
            <div className="tray-groups" role="group" aria-label="What is to be done">
              {heaterProcedures.map((one) => (
                <button key={one} type="button" aria-pressed={one === procedure} onClick={() => setProcedure(one)}>
                  {procedureLabels[one]}
                </button>
              ))}
            </div>
          </div>
          {findings.length > 0 && <FindingList findings={findings} />}
          <Rail
            key={`${heaterId} ${procedure}`}
            rigId={rigId}
            heaterId={heaterId}
            heater={stored.heater}
            procedure={procedure}
            logged={ticks[heaterId]?.[procedure] ?? []}
          />
          <AltitudePlate name={stored.name} heater={stored.heater} altitudeM={altitudeM} />
        </>
      ) : (
        <div className="plate">
          <p className="mb-2">No heater is entered yet.</p>
          <Link className="btn btn-primary" href="/heat/heaters">
            Enter a heater
          </Link>
        </div>
      )}
      <Alarms equipment={equipment} />
    </>
  )
}
