'use client'

import { useMemo } from 'react'
import { BenchPicker } from '@/app/BenchPicker'
import { Behind, DrawingSave, DrawingTools } from '@/app/DrawingParts'
import { airFindings } from '@/core/shelter/airFindings'
import type { Shelter } from '@/core/shelter/shelter'
import { ventilationCheck } from '@/core/shelter/ventilationCheck'
import { ventilationNeed } from '@/core/shelter/ventilationNeed'
import { ventilationSlip } from '@/core/shelter/ventilationSlip'
import { FindingList } from '@/ui/FindingList'
import { SlipPaper } from '@/ui/SlipPaper'
import type { HeatWorld } from '@/app/heat/heatWorld'
import { useRoom } from '@/app/heat/useRoom'
import { HowFar } from './HowFar'
import { NightBench } from './NightBench'
import { OpeningList } from './OpeningList'

/** What stands open against what the heaters want, and the air of a night. */
export function AirBench({ world, begin }: { world: HeatWorld; begin: { name: string; shelter: Shelter } }) {
  const desk = useRoom(world, begin)
  const { room, placed } = desk.shelter
  const { heaters } = world
  const burning = useMemo(
    () =>
      heaters.filter(
        ({ id, heater }) => !heater.vented && placed.some(({ heaterId, use }) => heaterId === id && use !== 'not-used'),
      ),
    [heaters, placed],
  )
  const needs = burning.map(({ name, heater }) => ({ name, need: ventilationNeed(heater.highW, heater.openAreaM2) }))
  const neededM2 = needs.reduce((sum, { need }) => sum + need.areaM2, 0)
  const check = ventilationCheck(room, neededM2)
  const findings = airFindings({ id: desk.id ?? 'new', name: desk.name, shelter: desk.shelter }, burning)
  return (
    <>
      <div className="line-head">
        <BenchPicker of="room" things={world.rooms} chosenId={world.chosen?.id ?? null} addAt={null} />
        <div className="line-tools">
          <DrawingTools drawing={desk} />
        </div>
      </div>
      <Behind drawing={desk} what="room" />
      <div className="bench-and-slip">
        <div>
          <form
            noValidate
            onSubmit={(event) => {
              event.preventDefault()
              void desk.save()
            }}
          >
            <OpeningList desk={desk} check={check} />
            <HowFar desk={desk} neededM2={neededM2} />
            <DrawingSave label="Save the openings" drawing={desk} />
          </form>
          {findings.length > 0 && <FindingList findings={findings} />}
        </div>
        <div className="slip-side">
          <SlipPaper
            title="Open area"
            sub={
              burning.length === 0
                ? 'no heater without a chimney is in use here'
                : 'in calm air; wind is never counted on'
            }
            slip={burning.length === 0 ? null : ventilationSlip(check, needs)}
          >
            {burning.length === 0 && (
              <p className="hint mb-0">Place a heater on the plan: what it wants open stands here then.</p>
            )}
            <p className="caution-note mb-0">Area does not tell of carbon monoxide. Only an alarm that works does.</p>
          </SlipPaper>
        </div>
      </div>
      <NightBench world={world} room={room} />
    </>
  )
}
