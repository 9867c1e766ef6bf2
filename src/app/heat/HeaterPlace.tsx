'use client'

import { RotateCw } from 'lucide-react'
import { Link } from '@/ui/shell/Link'
import Button from 'react-bootstrap/Button'
import { heaterUses, type Pose } from '@/core/heat/heaters/heater'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import type { StoredHeater } from '@/services/heat/heaters'
import { Choice } from '@/ui/fields/Choice'
import { Measure } from '@/ui/fields/Measure'
import { useLabels } from './heatDefaults'
import type { RoomEditor } from './useRoom'
import { heatLabels } from '@/ui/terms/heatLabels'

/** Place and planned use of the heater; the plan moves it too. */
export function HeaterPlace({
  heater,
  editor,
  placed,
  refused,
}: {
  heater: StoredHeater
  editor: RoomEditor
  placed: RoomPlan['placed'][number] | undefined
  refused: string | null
}) {
  const { id, name } = heater
  if (!placed) {
    return (
      <div className="plate heater-place">
        <p className="mb-2">{name} stands nowhere in this room yet.</p>
        <Button onClick={() => editor.setPlaced(id, {})}>{heatLabels.putItOnThePlan}</Button>
      </div>
    )
  }
  const { pose, use } = placed
  const set = (change: Partial<Pose>, field: string): void =>
    editor.setPlaced(id, { pose: { ...pose, ...change } }, `${field} ${id}`)
  return (
    <section className="heater-place" aria-label={`Where ${name} stands`}>
      <div className="fields narrow">
        <Measure
          label={heatLabels.middleFromTheBack}
          role="length"
          value={pose.xM}
          mayBeZero
          set={(xM) => set({ xM }, 'x')}
        />
        <Measure label="from the left" role="length" value={pose.yM} mayBeZero set={(yM) => set({ yM }, 'y')} />
        {heater.heater.body.mount !== 'floor' && (
          <Measure
            label="Foot above the floor"
            role="length"
            value={pose.bottomM}
            mayBeZero
            set={(bottomM) => set({ bottomM }, 'z')}
          />
        )}
      </div>
      <Choice
        id="heater-use"
        label={heatLabels.itIsMeantToBurn}
        value={use}
        options={heaterUses.map((one) => [one, useLabels[one]] as const)}
        set={(value) => editor.setPlaced(id, { use: value })}
      />
      {refused && (
        <p className="issue" role="alert">
          {refused}
        </p>
      )}
      <div className="save-line">
        <Button variant="quiet" size="sm" onClick={() => set({ turnDeg: (pose.turnDeg + 90) % 360 }, 'turn')}>
          <RotateCw size={16} aria-hidden="true" /> {heatLabels.aQuarterTurn}
        </Button>
        <Button variant="bare" size="sm" onClick={() => editor.dropPlaced(id)}>
          Off the plan
        </Button>
        <Link className="btn btn-bare btn-sm" href={`/heat/heaters?heater=${id}`}>
          Its numbers
        </Link>
      </div>
    </section>
  )
}
