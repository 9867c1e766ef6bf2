'use client'

import { Group, Line, Rect, Text } from 'react-konva'
import type { Thing } from '@/core/heat/room/thing'
import { DRAWN_FONT, drawnColors, type DrawnHeater } from './drawnRoom'

/** The heater with what must stay clear around it; its front is the bright edge. */
export function PlanHeater({
  heater: { body, placed },
  things,
  scale,
  isBad,
  isChosen,
  outletId,
  choose,
  moveTo,
}: {
  heater: DrawnHeater
  things: readonly Thing[]
  scale: number
  isBad: boolean
  isChosen: boolean
  outletId: string | null
  choose: () => void
  moveTo: (xM: number, yM: number) => void
}) {
  const { pose } = placed
  const { frontM, rearM, sidesM } = body.clearances
  const [depth, width] = [body.depthM * scale, body.widthM * scale]
  const keep = {
    x: -depth / 2 - rearM * scale,
    y: -width / 2 - sidesM * scale,
    width: depth + (rearM + frontM) * scale,
    height: width + 2 * sidesM * scale,
  }
  const color = isBad ? drawnColors.stop : drawnColors.ready
  const outlet = things.find(({ id }) => id === outletId)
  return (
    <>
      {outlet && (
        <Line
          points={[outlet.xM * scale, outlet.yM * scale, pose.xM * scale, pose.yM * scale]}
          stroke={drawnColors.brass}
          strokeWidth={3}
          listening={false}
        />
      )}
      <Group
        x={pose.xM * scale}
        y={pose.yM * scale}
        rotation={pose.turnDeg}
        draggable
        onPointerDown={choose}
        onDragMove={({ target }) => moveTo(target.x() / scale, target.y() / scale)}
        onDragEnd={({ target }) => target.position({ x: pose.xM * scale, y: pose.yM * scale })}
      >
        <Rect
          {...keep}
          fill={isBad ? drawnColors.stopWash : drawnColors.readyWash}
          stroke={color}
          strokeWidth={2}
          dash={[9, 5]}
          listening={false}
        />
        <Rect
          x={-depth / 2}
          y={-width / 2}
          width={depth}
          height={width}
          fill={drawnColors.ink}
          stroke={isChosen ? drawnColors.brass : drawnColors.ink}
          strokeWidth={isChosen ? 4 : 1}
          hitStrokeWidth={22}
          cornerRadius={3}
        />
        <Line
          points={[depth / 2, -width / 2, depth / 2, width / 2]}
          stroke={drawnColors.brass}
          strokeWidth={6}
          listening={false}
        />
      </Group>
    </>
  )
}

/** Another heater in the room. */
export function PlanBody({ heater: { name, body, placed }, scale }: { heater: DrawnHeater; scale: number }) {
  const { pose } = placed
  const [depth, width] = [body.depthM * scale, body.widthM * scale]
  return (
    <>
      <Rect
        x={pose.xM * scale}
        y={pose.yM * scale}
        offsetX={depth / 2}
        offsetY={width / 2}
        width={depth}
        height={width}
        rotation={pose.turnDeg}
        fill={drawnColors.soft}
        cornerRadius={3}
        listening={false}
      />
      <Text
        text={name}
        x={pose.xM * scale - 70}
        y={pose.yM * scale + width / 2 + 3}
        width={140}
        align="center"
        fontSize={13}
        fontFamily={DRAWN_FONT}
        fill={drawnColors.ink}
        listening={false}
      />
    </>
  )
}
