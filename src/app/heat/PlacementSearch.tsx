'use client'

import Button from 'react-bootstrap/Button'
import type { Placement, Placements } from '@/core/heat/clearance/placements'
import type { StoredHeater } from '@/services/heat/heaters'
import { Amount } from '@/ui/figures/Amount'
import type { RoomEditor } from './useRoom'
import { useWorker } from '@/ui/state/useWorker'
import { createHeatWorker } from '@/workers/threads'
import type { HeatWorker } from '@/workers/heat.worker'
import { WorkerBar } from '@/ui/shell/WorkerBar'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const GRID_M = 0.05
const facing: Readonly<Record<number, string>> = { 0: 'the front', 90: 'the right', 180: 'the back', 270: 'the left' }

/** Every place for this heater, best first; or what would have to move. */
export function PlacementSearch({ heater, editor }: { heater: StoredHeater; editor: RoomEditor }) {
  const { work, start, stop } = useWorker<HeatWorker, Placements>(createHeatWorker)
  const { room, things } = editor.shelter
  const search = (): void =>
    start((worker, tell) =>
      worker.placements({ heater: heater.heater.body, objects: things, room, gridM: GRID_M }, tell),
    )
  const found = work.value
  return (
    <section className="placements" aria-label={heatLabels.whereItCouldStand}>
      <h2>{heatLabels.whereItCouldStand}</h2>
      <Button variant="quiet" onClick={search}>
        {heatLabels.lookForPlaces}
      </Button>
      {work.share !== null && <WorkerBar share={work.share} label="Looking" stop={stop} />}
      {work.refused && (
        <p className="issue" role="alert">
          {work.refused}
        </p>
      )}
      {found && found.poses.length > 0 && (
        <ol>
          {found.poses.map((place, i) => (
            <li key={[place.pose.xM, place.pose.yM, place.pose.turnDeg, place.pose.bottomM].join(' ')}>
              <Proposal place={place} />
              <Button
                variant="quiet"
                size="sm"
                aria-label={`Take place ${i + 1}`}
                onClick={() => editor.setPlaced(heater.id, { pose: place.pose })}
              >
                Take it
              </Button>
            </li>
          ))}
        </ol>
      )}
      {found?.poses.length === 0 && (
        <div role="status">
          <p className="mb-1">
            <strong>Nowhere in this room.</strong> {sharedLabels.of} {found.tried} places tried none keeps its
            distances.
          </p>
          {found.nearest ? (
            <>
              <p className="mb-1">The one that wants least would want these moved:</p>
              <ul className="mb-2">
                {found.nearest.inTheWay.map(({ id, name, lacksM }) => (
                  <li key={id}>
                    {name}, by <Amount quantity={{ value: lacksM, role: 'length', rounded: 'up' }} />
                  </li>
                ))}
              </ul>
              <Button
                variant="quiet"
                size="sm"
                onClick={() => found.nearest && editor.setPlaced(heater.id, { pose: found.nearest.pose })}
              >
                {heatLabels.showItThere}
              </Button>
            </>
          ) : (
            <p className="mb-0">Walls and ceiling alone are too near everywhere: another heater, or outside.</p>
          )}
        </div>
      )}
    </section>
  )
}

const exitWords: Record<Placement['exit'], string> = {
  clear: '',
  blocked: ', in the way out',
  'no-way-even-without': ', but there is no way from bed to door even without it',
  unknown: ', way out not checked: no bed or no door is drawn',
}

function Proposal({ place: { pose, leastMarginM, exit, hoseReaches } }: { place: Placement }) {
  return (
    <span>
      <b>
        <Amount quantity={{ value: leastMarginM, role: 'length', rounded: 'down' }} />
      </b>{' '}
      to spare, facing {facing[pose.turnDeg] ?? 'askew'}
      {pose.bottomM > 0 && (
        <>
          , hung at <Amount quantity={{ value: pose.bottomM, role: 'length' }} />
        </>
      )}
      {exitWords[exit]}
      {!hoseReaches && ', hose does not reach well'}
    </span>
  )
}
