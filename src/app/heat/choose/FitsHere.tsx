'use client'

import Button from 'react-bootstrap/Button'
import { useWorker } from '@/ui/state/useWorker'
import { createHeatWorker } from '@/workers/threads'
import type { HeatWorker } from '@/workers/heat.worker'
import { WorkerBar } from '@/ui/shell/WorkerBar'
import type { Heater } from '@/core/heat/heaters/heater'
import type { Placements } from '@/core/heat/clearance/placements'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import { Amount } from '@/ui/figures/Amount'

const GRID_M = 0.1

/** Whether there is a place for a heater in this room, computed on request. */
export function FitsHere({ heater, name, shelter }: { heater: Heater; name: string; shelter: RoomPlan }) {
  const { work, start, stop } = useWorker<HeatWorker, Placements>(createHeatWorker)
  const { room, things } = shelter
  if (heater.vented) return <>built in: its makers’ drawing says</>
  if (work.share !== null) return <WorkerBar share={work.share} label="Looking" stop={stop} />
  if (work.refused) return <span className="issue">{work.refused}</span>
  const best = work.value?.poses[0]
  if (best) {
    return (
      <>
        yes, <Amount quantity={{ value: best.leastMarginM, role: 'length', rounded: 'down' }} /> to spare
      </>
    )
  }
  if (work.value) return <strong>nowhere as it is</strong>
  return (
    <Button
      variant="quiet"
      size="sm"
      aria-label={`Does ${name} fit here`}
      onClick={() =>
        start((worker, tell) => worker.placements({ heater: heater.body, objects: things, room, gridM: GRID_M }, tell))
      }
    >
      Look
    </Button>
  )
}
