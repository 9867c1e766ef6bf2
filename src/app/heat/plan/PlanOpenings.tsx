'use client'

import { Line, Rect, Text } from 'react-konva'
import type { Opening, Room } from '@/core/heat/room/room'
import { DRAWN_FONT, drawnColors } from './drawnRoom'

/** Position of an opening along its wall. */
function wallLine(room: Room, { side, alongM, widthM }: Opening): [number, number, number, number] {
  const [from, to] = [alongM - widthM / 2, alongM + widthM / 2]
  if (side === 'left') return [from, 0, to, 0]
  if (side === 'right') return [from, room.widthM, to, room.widthM]
  const xM = side === 'front' ? room.lengthM : 0
  return [xM, from, xM, to]
}

/** Windows, doors and vents; open ones are bright. */
export function PlanOpenings({ room, scale, areNamed }: { room: Room; scale: number; areNamed: boolean }) {
  return (
    <>
      {room.openings.map((opening) => {
        const { id, name, kind, side, alongM, widthM, heightM, openM } = opening
        const isOpen = openM > 0 && opening.condition !== 'blocked'
        if (side === 'roof' || side === 'floor') {
          return [
            <Rect
              key={id}
              x={(alongM - widthM / 2) * scale}
              y={((room.widthM - heightM) / 2) * scale}
              width={widthM * scale}
              height={heightM * scale}
              stroke={isOpen ? drawnColors.brass : drawnColors.soft}
              strokeWidth={isOpen ? 3 : 1.5}
              dash={[4, 4]}
              listening={false}
            />,
            areNamed && (
              <Text
                key={`${id} name`}
                text={name}
                x={alongM * scale - 60}
                y={((room.widthM - heightM) / 2) * scale - 17}
                width={120}
                align="center"
                fontSize={13}
                fontFamily={DRAWN_FONT}
                fill={drawnColors.brassInk}
                listening={false}
              />
            ),
          ]
        }
        const points = wallLine(room, opening).map((at) => at * scale)
        const [x = 0, y = 0] = points
        return [
          <Line
            key={id}
            points={points}
            stroke={isOpen ? drawnColors.brass : kind === 'door' ? drawnColors.paper : drawnColors.cold}
            strokeWidth={kind === 'door' ? 7 : 5}
            listening={false}
          />,
          areNamed && (side === 'left' || side === 'right') && (
            <Text
              key={`${id} name`}
              text={name}
              x={x - 20}
              y={side === 'left' ? y - 19 : y + 6}
              width={widthM * scale + 40}
              align="center"
              fontSize={13}
              fontFamily={DRAWN_FONT}
              fill={drawnColors.brassInk}
              listening={false}
            />
          ),
        ]
      })}
    </>
  )
}
