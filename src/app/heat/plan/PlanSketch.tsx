import { boxPoints, type PlanPoint } from '@/core/math/planGeometry'
import { roomOutline } from '@/core/heat/room/roomGeometry'
import type { RoomPlan } from '@/core/heat/room/roomPlan'

const path = (points: readonly PlanPoint[]): string =>
  `${points.map(({ xM, yM }, i) => `${i ? 'L' : 'M'}${xM} ${yM}`).join('')}Z`

/** A room’s plan at a glance. */
export function PlanSketch({ shelter: { room, things } }: { shelter: RoomPlan }) {
  return (
    <svg
      className="plan-sketch"
      viewBox={`-0.1 -0.1 ${room.lengthM + 0.2} ${room.widthM + 0.2}`}
      aria-hidden="true"
      preserveAspectRatio="xMidYMid meet"
    >
      <path className="shell" d={path(roomOutline(room))} />
      {things.map((thing) => (
        <path key={thing.id} className="thing" d={path(boxPoints(thing, thing.lengthM, thing.widthM, thing.turnDeg))} />
      ))}
    </svg>
  )
}
