'use client'

import type Konva from 'konva'
import { useCallback, useRef } from 'react'
import { Group, Line, Rect, Text } from 'react-konva'
import { sweptSolid } from '@/core/heat/clearance/clearanceTo'
import type { Thing } from '@/core/heat/room/thing'
import { DRAWN_FONT, drawnColors } from './drawnRoom'

/** Smallest size on the plan that a finger can grab. */
const THINNEST_PX = 6

/** One object on the plan with its reach. */
export function PlanThing({
  thing,
  scale,
  isChosen,
  isNamed,
  lacks,
  choose,
  moveTo,
  setThing,
  held,
}: {
  thing: Thing
  scale: number
  isChosen: boolean
  isNamed: boolean
  /** Missing clearance, as text. */
  lacks: string | null
  choose: () => void
  moveTo: (xM: number, yM: number) => void
  setThing: (change: Partial<Thing>) => void
  /** Called with the chosen node, for its handles. */
  held: (node: Konva.Node | null) => void
}) {
  const box = useRef<Konva.Rect>(null)
  const begin = useCallback(
    (node: Konva.Rect | null) => {
      box.current = node
      if (isChosen && node) held(node)
    },
    [isChosen, held],
  )
  const { xM, yM, lengthM, widthM, turnDeg, name, kind } = thing
  const wide = Math.max(THINNEST_PX, lengthM * scale)
  const high = Math.max(THINNEST_PX, widthM * scale)
  const isMetal = kind === 'cylinder' || kind === 'cylinder-locker' || kind === 'gas-outlet'
  // A thing too small to be written on has its name beside it.
  const below = kind === 'gas-outlet' || kind === 'cylinder' ? 10 : lacks ? -15 : -7
  const reach = sweptSolid(thing).points.flatMap((point) => [point.xM * scale, point.yM * scale])
  return (
    <Group>
      {(thing.reachM > 0 || kind === 'door-swing') && (
        <Line points={reach} closed stroke={drawnColors.soft} strokeWidth={1.5} dash={[5, 5]} listening={false} />
      )}
      <Rect
        ref={begin}
        x={xM * scale}
        y={yM * scale}
        offsetX={wide / 2}
        offsetY={high / 2}
        width={wide}
        height={high}
        rotation={turnDeg}
        cornerRadius={kind === 'cylinder' ? Math.min(wide, high) / 2 : 3}
        fill={lacks ? drawnColors.stopWash : isMetal ? drawnColors.cold : drawnColors.thing}
        stroke={lacks ? drawnColors.stop : drawnColors.ink}
        strokeWidth={isChosen || lacks ? 3 : 1.5}
        hitStrokeWidth={18}
        draggable
        onPointerDown={choose}
        onDragMove={({ target }) => moveTo(target.x() / scale, target.y() / scale)}
        onDragEnd={({ target }) => target.position({ x: xM * scale, y: yM * scale })}
        onTransformEnd={({ target }) => {
          const change = {
            xM: target.x() / scale,
            yM: target.y() / scale,
            turnDeg: Math.round(target.rotation()),
            lengthM: lengthM * target.scaleX(),
            widthM: widthM * target.scaleY(),
          }
          target.scale({ x: 1, y: 1 })
          setThing(change)
        }}
      />
      <Text
        visible={isNamed}
        text={lacks ? `${name}\n${lacks}` : name}
        x={xM * scale - 70}
        y={yM * scale + below}
        width={140}
        align="center"
        fontSize={13}
        fontFamily={DRAWN_FONT}
        fontStyle={lacks ? '600' : '400'}
        fill={lacks ? drawnColors.stop : drawnColors.ink}
        listening={false}
      />
    </Group>
  )
}
