'use client'

import type Konva from 'konva'
import { useEffect, useRef, useState } from 'react'
import { Layer, Line, Stage, Text, Transformer } from 'react-konva'
import { formatQuantity } from '@/core/units/formatQuantity'
import { roomOutline } from '@/core/heat/room/roomGeometry'
import { useUnits } from '@/ui/state/UnitsProvider'
import { DRAWN_FONT, drawnColors, type DrawnRoom, type PlanHandlers } from './drawnRoom'
import { PlanBody, PlanHeater } from './PlanHeater'
import { PlanOpenings } from './PlanOpenings'
import { PlanThing } from './PlanThing'

const PAD = 30
const HIGHEST = 420
const TERSE_PX_M = 80
const QUARTERS = [0, 90, 180, 270]
/** Handles at the edges: a thing is made longer or wider, and stays a box. */
const EDGES = ['middle-left', 'middle-right', 'top-center', 'bottom-center']

/** The plan on a canvas, in scaled meters. */
export function PlanCanvas({
  shelter,
  heater,
  others,
  check,
  chosen,
  choose,
  moveTo,
  setThing,
  widthPx,
}: DrawnRoom & PlanHandlers & { widthPx: number }) {
  const { system } = useUnits()
  const { room, things } = shelter
  const scale = Math.min((widthPx - 2 * PAD) / room.lengthM, (HIGHEST - 2 * PAD) / room.widthM)
  const left = (widthPx - room.lengthM * scale) / 2
  const heightPx = room.widthM * scale + 2 * PAD
  const lacking = new Map(check?.violations.map(({ id, lacksM }) => [id, lacksM]))
  const length = (value: number, rounded?: 'up'): string =>
    formatQuantity({ value, role: 'length', ...(rounded && { rounded }) }, system)

  const [handle, setHandle] = useState<Konva.Node | null>(null)
  const transformer = useRef<Konva.Transformer>(null)
  const isThing = things.some(({ id }) => id === chosen)
  useEffect(() => {
    transformer.current?.nodes(isThing && handle ? [handle] : [])
  }, [handle, isThing, shelter])

  // On a phone only what matters is named; the list below has all names.
  const isTerse = scale < TERSE_PX_M
  const walk = check?.exit.walk ?? []
  return (
    <Stage
      width={widthPx}
      height={heightPx}
      onPointerDown={(event) => {
        if (event.target === event.target.getStage()) choose(null)
      }}
    >
      <Layer x={left} y={PAD}>
        <Line
          points={roomOutline(room).flatMap(({ xM, yM }) => [xM * scale, yM * scale])}
          closed
          fill={drawnColors.floor}
          stroke={drawnColors.ink}
          strokeWidth={4}
          onPointerDown={() => choose(null)}
        />
        <Text
          text={length(room.lengthM)}
          width={room.lengthM * scale}
          y={-22}
          align="center"
          fill={drawnColors.soft}
          fontSize={14}
          fontFamily={DRAWN_FONT}
        />
        <Text
          text={length(room.widthM)}
          width={room.widthM * scale}
          x={-24}
          y={room.widthM * scale}
          rotation={-90}
          align="center"
          fill={drawnColors.soft}
          fontSize={14}
          fontFamily={DRAWN_FONT}
        />
        {things.map((thing) => (
          <PlanThing
            key={thing.id}
            thing={thing}
            scale={scale}
            isChosen={thing.id === chosen}
            isNamed={!isTerse || thing.id === chosen || lacking.has(thing.id)}
            lacks={lacking.has(thing.id) ? `lacks ${length(lacking.get(thing.id) ?? 0, 'up')}` : null}
            choose={() => choose(thing.id)}
            moveTo={(xM, yM) => moveTo(thing.id, xM, yM)}
            setThing={(change) => setThing(thing.id, change)}
            held={setHandle}
          />
        ))}
        <PlanOpenings room={room} scale={scale} areNamed={!isTerse} />
        {walk.length > 1 && (
          <Line
            points={walk.flatMap(({ xM, yM }) => [xM * scale, yM * scale])}
            stroke={drawnColors.ready}
            strokeWidth={3}
            dash={[2, 8]}
            lineCap="round"
            listening={false}
          />
        )}
        {others.map((other) => (
          <PlanBody key={other.id} heater={other} scale={scale} />
        ))}
        {heater && (
          <PlanHeater
            heater={heater}
            things={things}
            scale={scale}
            isBad={check !== null && check.violations.length > 0}
            isChosen={chosen === heater.id}
            outletId={check?.hose?.outletId ?? null}
            choose={() => choose(heater.id)}
            moveTo={(xM, yM) => moveTo(heater.id, xM, yM)}
          />
        )}
        <Transformer
          ref={transformer}
          rotationSnaps={QUARTERS}
          rotationSnapTolerance={12}
          rotateAnchorOffset={26}
          ignoreStroke
          flipEnabled={false}
          enabledAnchors={EDGES}
          anchorSize={isTerse ? 10 : 14}
          anchorCornerRadius={7}
          anchorStroke={drawnColors.ink}
          anchorFill={drawnColors.brass}
          borderStroke={drawnColors.brass}
        />
      </Layer>
    </Stage>
  )
}
