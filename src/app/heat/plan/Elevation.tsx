import { boxPoints } from '@/core/math/planGeometry'
import { ceilingM, isVerticalSide } from '@/core/heat/room/roomGeometry'
import type { DrawnHeater, DrawnRoom } from './drawnRoom'

/** Extent along the rig of a box on the plan. */
function along(middle: { xM: number; yM: number }, lengthM: number, widthM: number, turnDeg: number): [number, number] {
  const xs = boxPoints(middle, lengthM, widthM, turnDeg).map(({ xM }) => xM)
  return [Math.min(...xs), Math.max(...xs)]
}

/** The room from its right side: heights, the ceiling, and what must stay clear above and beside the heater. */
export function Elevation({ shelter, heater, others, check, chosen }: DrawnRoom & { chosen: string | null }) {
  const { room, things } = shelter
  const lacking = new Set(check?.violations.map(({ id }) => id))
  const lowest = Math.min(ceilingM(room, 0), ceilingM(room, room.widthM))
  const up = (heightM: number): number => room.heightM - heightM
  return (
    <figure className="elevation">
      <svg
        viewBox={`-0.1 -0.1 ${room.lengthM + 0.2} ${room.heightM + 0.2}`}
        role="img"
        aria-label="The room from its right side"
      >
        <rect className="shell" x={0} y={0} width={room.lengthM} height={room.heightM} />
        {lowest < room.heightM && <line className="slope" x1={0} x2={room.lengthM} y1={up(lowest)} y2={up(lowest)} />}
        {room.openings
          .filter(({ side }) => isVerticalSide(side))
          .map(({ id, side, alongM, widthM, bottomM, heightM }) =>
            side === 'left' || side === 'right' ? (
              <rect
                key={id}
                className="hole"
                x={alongM - widthM / 2}
                y={up(bottomM + heightM)}
                width={widthM}
                height={heightM}
              />
            ) : null,
          )}
        {things.map((thing) => {
          const [from, to] = along(thing, thing.lengthM, thing.widthM, thing.turnDeg)
          const state = lacking.has(thing.id) ? 'lacks' : thing.id === chosen ? 'chosen' : ''
          return (
            <rect
              key={thing.id}
              className={`thing ${state}`}
              x={from}
              y={up(thing.highM)}
              width={to - from}
              height={thing.highM - thing.lowM}
            >
              <title>{thing.name}</title>
            </rect>
          )
        })}
        {heater && <KeepClear heater={heater} isBad={lacking.size > 0} up={up} />}
        {[...others, ...(heater ? [heater] : [])].map((one) => (
          <Body key={one.id} heater={one} up={up} />
        ))}
      </svg>
      <figcaption>from the right side; the floor is the lower edge</figcaption>
    </figure>
  )
}

type Drawn = { heater: DrawnHeater; up: (heightM: number) => number }

function Body({ heater: { body, placed }, up }: Drawn) {
  const { pose } = placed
  const [from, to] = along(pose, body.depthM, body.widthM, pose.turnDeg)
  return (
    <rect className="heater" x={from} y={up(pose.bottomM + body.heightM)} width={to - from} height={body.heightM} />
  )
}

function KeepClear({ heater: { body, placed }, isBad, up }: Drawn & { isBad: boolean }) {
  const { pose } = placed
  const { frontM, rearM, sidesM, topM } = body.clearances
  const depthM = body.depthM + frontM + rearM
  // Further ahead of its middle than behind it.
  const [shift] = boxPoints({ xM: 0, yM: 0 }, frontM - rearM, 0, pose.turnDeg)
  const middle = { xM: pose.xM - (shift?.xM ?? 0), yM: pose.yM }
  const [from, to] = along(middle, depthM, body.widthM + 2 * sidesM, pose.turnDeg)
  return (
    <rect
      className={isBad ? 'keep bad' : 'keep'}
      x={from}
      y={up(pose.bottomM + body.heightM + topM)}
      width={to - from}
      height={body.heightM + topM}
    />
  )
}
