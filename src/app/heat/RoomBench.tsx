'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { archiveRoomAction } from '@/actions/heat'
import type { DrawnHeater } from '@/app/heat/plan/drawnRoom'
import { Elevation } from '@/app/heat/plan/Elevation'
import { Plan } from '@/app/heat/plan/Plan'
import { clearanceSlip } from '@/core/heat/clearance/clearanceSlip'
import {
  checkPlacedHeater,
  placedFindings,
  type PlacedHeater,
  placedHeaters,
} from '@/core/heat/clearance/placedFindings'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import { snapToRoom } from '@/core/heat/room/snapToRoom'
import { roomFindings } from '@/core/heat/roomFindings'
import { Behind, DrawingSave, DrawingTools, NameField } from '@/ui/fields/DrawingParts'
import { FindingList } from '@/ui/figures/FindingList'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { ArchiveButton } from '@/ui/shell/ArchiveButton'
import { BenchPicker } from '@/ui/shell/BenchPicker'
import { Link } from '@/ui/shell/Link'
import { HeaterPlace } from './HeaterPlace'
import type { HeatPageData } from './heatPageData'
import { PlacementSearch } from './PlacementSearch'
import { RoomFields } from './RoomFields'
import { ThingInspector } from './ThingInspector'
import { ThingList } from './ThingList'
import { useClearances, useRoom } from './useRoom'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Takes a room out of the lists; its warm-ups stay. */
function ArchiveRoomButton(props: { id: string; version: number; name: string }) {
  return <ArchiveButton {...props} what="room" home="/heat" archive={archiveRoomAction} />
}

function drawnOf({ heater: { id, name, heater }, placed }: PlacedHeater): DrawnHeater {
  return { id, name, body: heater.body, placed }
}

/** The heater that what the address names is too near to. */
function heaterAbout(about: string | null, standing: readonly PlacedHeater[]): string | undefined {
  return standing.find((one) => {
    const check = checkPlacedHeater(one)
    return typeof check !== 'string' && check.violations.some(({ id }) => id === about)
  })?.heater.id
}

/** The room in plan and elevation, with clearances updated as the heater moves. */
export function RoomBench({
  data,
  begin,
  leave,
}: {
  data: HeatPageData
  begin: { name: string; shelter: RoomPlan }
  /** Of a new room: lets go of what it began from. */
  leave?: () => void
}) {
  const editor = useRoom(data, begin)
  const router = useRouter()
  const { shelter } = editor
  const gear = { id: editor.id ?? 'new', name: editor.name, shelter }
  const standing = placedHeaters(gear, data.heaters)
  const drawn = standing.map(drawnOf)
  const [heaterId, setHeaterId] = useState(
    () => data.heaterId ?? heaterAbout(data.about, standing) ?? drawn[0]?.id ?? data.heaters[0]?.id ?? null,
  )
  const heater = data.heaters.find(({ id }) => id === heaterId)
  const { check, refused, placed } = useClearances(shelter, heater)
  const [chosen, setChosen] = useState<string | null>(data.about)
  const thing = shelter.things.find(({ id }) => id === chosen)
  const judged = check ?? refused
  const findings = [
    ...(heater && placed && judged !== null ? placedFindings({ gear, heater, placed }, judged) : []),
    ...roomFindings(gear),
  ]

  const moveTo = (id: string, xM: number, yM: number): void => {
    const moved = shelter.things.find((one) => one.id === id)
    if (moved) editor.setThing(id, snapToRoom(shelter.room, { ...moved, xM, yM }), `move ${id}`)
    else if (heater && placed && id === heater.id) {
      const { depthM, widthM } = heater.heater.body
      const box = { xM, yM, lengthM: depthM, widthM, turnDeg: placed.pose.turnDeg }
      editor.setPlaced(id, { pose: { ...placed.pose, ...snapToRoom(shelter.room, box) } }, `move ${id}`)
    }
  }
  const shown = {
    shelter,
    heater: drawn.find(({ id }) => id === heaterId) ?? null,
    others: drawn.filter(({ id }) => id !== heaterId),
    check,
  }
  return (
    <div className="room-bench">
      <div className="line-head">
        <BenchPicker of="room" things={data.rooms} chosenId={data.chosen?.id ?? null} addAt="/heat" />
        <NameField id="room-name" label={heatLabels.nameOfTheRoom} drawing={editor} />
        {data.heaters.length > 0 && (
          <div>
            <Form.Label htmlFor="room-heater">{heatLabels.heater}</Form.Label>
            <Form.Select id="room-heater" value={heaterId ?? ''} onChange={(event) => setHeaterId(event.target.value)}>
              {data.heaters.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Form.Select>
          </div>
        )}
        <div className="line-tools">
          <DrawingTools drawing={editor} />
        </div>
      </div>
      <Behind drawing={editor} what="room" />
      <div className="bench-and-slip">
        <div>
          <Plan {...shown} chosen={chosen} choose={setChosen} moveTo={moveTo} setThing={editor.setThing} />
          <Elevation {...shown} chosen={chosen} />
          <section aria-label={sharedLabels.findings}>
            <h2>What is to be said of it</h2>
            {findings.length === 0 ? (
              <p className="hint">
                {placed
                  ? 'Nothing lacks its distance and the way out is free, by the distances entered.'
                  : 'The heater is not placed yet: nothing is judged.'}
              </p>
            ) : (
              <FindingList findings={findings} />
            )}
          </section>
          <form
            noValidate
            onSubmit={async (event) => {
              event.preventDefault()
              const saved = await editor.save()
              if (saved === null || editor.id !== null) return
              leave?.()
              router.push(`/heat?room=${saved}`)
            }}
          >
            <DrawingSave label={heatLabels.saveTheRoom} drawing={editor} {...(leave && { leave })} />
          </form>
        </div>
        <div className="slip-side">
          {heater ? (
            <HeaterPlace heater={heater} editor={editor} placed={placed} refused={refused} />
          ) : (
            <div className="plate">
              <p className="mb-2">No heater is entered yet: its distances come from its own manual.</p>
              <Link className="btn btn-primary" href="/heat/heaters">
                Enter a heater
              </Link>
            </div>
          )}
          {heater && check && (
            <SlipPaper
              title={heater.name}
              sub={
                heater.heater.clearancesFrom === 'manual'
                  ? 'distances from its manual'
                  : 'common distances: its manual’s are wanted'
              }
              slip={clearanceSlip(check, heater.heater.clearancesFrom === 'manual')}
            >
              <p className="caution-note mb-0">
                The heater’s manual and local code come first. What moves is judged where it can reach.
              </p>
            </SlipPaper>
          )}
          {heater && <PlacementSearch key={heater.id} heater={heater} editor={editor} />}
        </div>
      </div>
      <div className="room-two">
        <section aria-label="What is in the room">
          <h2>What is in it</h2>
          <ThingList editor={editor} check={check} chosen={chosen} choose={setChosen} />
        </section>
        <div>
          {thing ? (
            <ThingInspector key={thing.id} thing={thing} editor={editor} gone={() => setChosen(null)} />
          ) : (
            <p className="hint">Choose a thing on the plan or in the list: its measures stand here.</p>
          )}
        </div>
      </div>
      <RoomFields editor={editor} />
      {data.chosen && <ArchiveRoomButton id={data.chosen.id} version={data.chosen.version} name={data.chosen.name} />}
    </div>
  )
}
