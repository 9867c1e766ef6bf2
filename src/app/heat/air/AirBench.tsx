'use client'

import { BenchPicker } from '@/ui/shell/BenchPicker'
import { Behind, DrawingSave, DrawingTools } from '@/ui/fields/DrawingParts'
import { judgeRoomAir } from '@/core/heat/ventilation/judgeRoomAir'
import { unventedInUse } from '@/core/heat/ventilation/ventilationCheck'
import { placedHeaters } from '@/core/heat/clearance/placedFindings'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import { ventilationSlip } from '@/core/heat/ventilation/ventilationSlip'
import { Amount } from '@/ui/figures/Amount'
import { FindingList } from '@/ui/figures/FindingList'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { useRoom } from '@/app/heat/useRoom'
import { OpeningAdvice } from './OpeningAdvice'
import { NightBench } from './NightBench'
import { OpeningList } from './OpeningList'
import { heatLabels } from '@/ui/terms/heatLabels'

/** Open area compared with the heaters' need, and the air of a night. */
export function AirBench({ data, begin }: { data: HeatPageData; begin: { name: string; shelter: RoomPlan } }) {
  const editor = useRoom(data, begin)
  const { room } = editor.shelter
  const gear = { id: editor.id ?? 'new', name: editor.name, shelter: editor.shelter }
  const burning = unventedInUse(placedHeaters(gear, data.heaters))
  const conditions = { planned: data.planned, altitudeM: data.altitudeM, mildestK: data.mildestK }
  const { judged, plan, findings } = judgeRoomAir(gear, burning, conditions)
  const { needs, check, air, names } = judged
  return (
    <>
      <div className="line-head">
        <BenchPicker of="room" things={data.rooms} chosenId={data.chosen?.id ?? null} addAt={null} />
        <div className="line-tools">
          <DrawingTools drawing={editor} />
        </div>
      </div>
      <Behind drawing={editor} what="room" />
      <div className="bench-and-slip">
        <div>
          <form
            noValidate
            onSubmit={(event) => {
              event.preventDefault()
              void editor.save()
            }}
          >
            <OpeningList editor={editor} check={check} />
            <OpeningAdvice editor={editor} plan={plan} />
            <DrawingSave label={heatLabels.saveTheOpenings} drawing={editor} />
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
            {burning.length > 0 && (
              <p className="mb-2">
                With {names.join(' and ')} on high in still air: oxygen down to{' '}
                <b>
                  <Amount quantity={{ value: air.oxygenShare, role: 'oxygen', rounded: 'down' }} />
                </b>
                , CO2 up to{' '}
                <b>
                  <Amount quantity={{ value: air.co2Ppm, role: 'concentration', rounded: 'up' }} />
                </b>
                . Area alone is not enough: air moves only by warmth, little of it between openings on one level.
              </p>
            )}
            <p className="caution-note mb-0">Area does not tell of carbon monoxide. Only an alarm that works does.</p>
          </SlipPaper>
        </div>
      </div>
      <NightBench data={data} room={room} />
    </>
  )
}
