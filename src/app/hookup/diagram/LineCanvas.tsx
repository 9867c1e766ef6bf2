'use client'

import {
  Background,
  Controls,
  ReactFlow,
  ReactFlowProvider,
  useReactFlow,
  type Connection,
  type Edge,
} from '@xyflow/react'
import { memo, useEffect, useMemo, useState } from 'react'
import type { LineCheck } from '@/core/hookup/checks/checkLine'
import { reuseUnchanged } from './reuseUnchanged'
import { marksOf } from '@/app/hookup/marksOf'
import { BoxBenchProvider, DRAGGED, faceOf, PartBox, type ChosenPart, type PartNode } from './PartBox'
import { BOX, usePlaces } from './usePlaces'
import type { BoxPosition } from '@/workers/placeDiagram'

/** Width of the page on a desktop. */
const WIDE_PX = 1190

const nodeTypes = { part: PartBox }

/** Smallest at which a part's name is still read; on a phone the drawing begins at the cylinder and is pushed along. */
const READABLE_ZOOM = 0.62

function FitWhenPlaced({ places }: { places: object }) {
  const { fitView, setViewport, getViewport } = useReactFlow()
  useEffect(() => {
    const timer = setTimeout(() => {
      void fitView({ padding: { top: '22px', right: '22px', bottom: '46px', left: '22px' }, maxZoom: 1 }).then(() => {
        if (getViewport().zoom < READABLE_ZOOM) void setViewport({ x: 12, y: 24, zoom: READABLE_ZOOM })
      })
    }, 30)
    return () => clearTimeout(timer)
  }, [fitView, setViewport, getViewport, places])
  return null
}

/** Height of the drawing, within limits. */
function canvasHeightPx(places: Readonly<Record<string, BoxPosition>>): number {
  const all = Object.values(places)
  const across = Math.max(1, ...all.map(({ x }) => x + BOX.widthPx))
  const down = Math.max(BOX.heightPx, ...all.map(({ y }) => y + BOX.heightPx))
  const zoom = Math.max(READABLE_ZOOM, Math.min(1, WIDE_PX / across))
  return Math.round(Math.min(460, Math.max(170, down * zoom + 76)))
}

interface CanvasProps {
  check: LineCheck
  chosen: ChosenPart
  choose: (id: string | null) => void
  join: ((connection: Connection) => void) | null
  dropOn: ((typeId: string, after: string | null) => void) | null
}

function Canvas({ check, chosen, choose, join, dropOn }: CanvasProps) {
  const { graph, zones } = check
  const places = usePlaces(graph)
  const marks = useMemo(() => marksOf(check), [check])
  const [sameNodes] = useState(() =>
    reuseUnchanged<PartNode>(({ data, position }) => `${data.key} ${position.x} ${position.y}`),
  )
  const [sameEdges] = useState(() =>
    reuseUnchanged<Edge>(({ className, ...edge }) => `${JSON.stringify(edge)} ${className}`),
  )
  const nodes = useMemo(
    () =>
      sameNodes(
        graph.parts.map((part): PartNode => ({
          id: part.part.id,
          type: 'part',
          position: places[part.part.id] ?? { x: 0, y: 0 },
          data: faceOf(part, check, marks),
          width: BOX.widthPx,
          height: BOX.heightPx,
          ariaLabel: part.name,
          // The library neither moves nor selects; boxes take clicks and drops.
          style: { pointerEvents: 'all' },
        })),
      ),
    [sameNodes, graph, places, check, marks],
  )
  const edges = useMemo(
    () =>
      sameEdges(
        graph.joints.map(({ joint, from, to }): Edge => ({
          id: joint.id,
          source: from.part.id,
          target: to.part.id,
          sourceHandle: joint.from.portId,
          targetHandle: joint.to.portId,
          type: 'default',
          className: `joint-line ${zones.get(from.part.id)?.outlet ?? 'no-gas'} ${marks.get(joint.id) ?? ''}`,
        })),
      ),
    [sameEdges, graph, zones, marks],
  )
  const bench = useMemo(() => ({ chosen, choose, dropOn }), [chosen, choose, dropOn])
  return (
    <BoxBenchProvider value={bench}>
      <ReactFlowProvider>
        <div
          className="line-canvas"
          style={{ height: canvasHeightPx(places) }}
          onDragOver={(event) => dropOn && event.preventDefault()}
          onDrop={(event) => {
            const typeId = event.dataTransfer.getData(DRAGGED)
            if (!dropOn || typeId === '') return
            event.preventDefault()
            dropOn(typeId, null)
          }}
        >
          <ReactFlow
            nodes={nodes}
            edges={edges}
            nodeTypes={nodeTypes}
            nodesDraggable={false}
            nodesConnectable={join !== null}
            nodesFocusable={false}
            edgesFocusable={false}
            elementsSelectable={false}
            deleteKeyCode={null}
            zoomOnScroll={false}
            preventScrolling={false}
            minZoom={0.15}
            maxZoom={1.6}
            proOptions={{ hideAttribution: true }}
            aria-label="The line, drawn; the list below does the same"
            {...(join && { onConnect: join })}
            onPaneClick={() => choose(null)}
          >
            <Background gap={22} size={1} color="#d8cba9" />
            <Controls showInteractive={false} position="bottom-right" orientation="horizontal" />
            <FitWhenPlaced places={places} />
          </ReactFlow>
        </div>
      </ReactFlowProvider>
    </BoxBenchProvider>
  )
}

/** The drawing. Choosing a part re-renders only two boxes. */
export const LineCanvas = memo(Canvas)
