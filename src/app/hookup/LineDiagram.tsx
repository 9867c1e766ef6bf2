'use client'

import {
  Background,
  Controls,
  Handle,
  Position,
  ReactFlow,
  ReactFlowProvider,
  useReactFlow,
  type Connection,
  type Edge,
  type Node,
  type NodeProps,
} from '@xyflow/react'
import { createContext, useContext, useEffect, useMemo } from 'react'
import type { LineCheck } from '@/core/hookup/checkLine'
import type { GraphPart } from '@/core/hookup/lineGraph'
import { zoneFacts } from '@/core/hookup/zone'
import { Amount } from '@/ui/Amount'
import { StateMark, type MarkState } from '@/ui/StateMark'
import { marksOf } from './marksOf'
import { partPressure } from './partPressure'
import { PartDrawing } from './PartDrawing'
import type { Place } from '@/workers/placeDiagram'
import { BOX, usePlaces } from './usePlaces'

/** What a part in the diagram is told by the bench. */
interface Bench {
  check: LineCheck
  marks: ReadonlyMap<string, MarkState>
  chosen: string | null
  choose: (id: string) => void
  dropOn: ((typeId: string, after: string | null) => void) | null
}

const BenchContext = createContext<Bench | null>(null)

function useBench(): Bench {
  const bench = useContext(BenchContext)
  if (!bench) throw new Error('a part outside its diagram')
  return bench
}

/** Width of the bench on a desk. */
const WIDE_PX = 1190

/** How the tray names what is dragged out of it. */
export const DRAGGED = 'application/x-line-part'

type PartNode = Node<{ part: GraphPart }, 'part'>

function Ports({ part, side }: { part: GraphPart; side: 'in' | 'out' }) {
  const used = new Set(part.into.map(({ toPort }) => toPort.id))
  const ports = part.type.ports.filter(({ id, way }) =>
    way === 'either' ? (side === 'in') === used.has(id) : way === side,
  )
  return ports.map(({ id }, i) => (
    <Handle
      key={id}
      id={id}
      type={side === 'in' ? 'target' : 'source'}
      position={side === 'in' ? Position.Left : Position.Right}
      style={{ top: `${((i + 1) * 100) / (ports.length + 1)}%` }}
    />
  ))
}

/** What is said of the joints into a part, where they are screwed to it. */
function JointMarks({ part, marks }: { part: GraphPart; marks: Bench['marks'] }) {
  return part.into.map(({ joint, toPort }, i) => {
    const mark = marks.get(joint.id)
    return mark ? (
      <span key={toPort.id} className="joint-spot" style={{ top: `${((i + 1) * 100) / (part.into.length + 1)}%` }}>
        <StateMark state={mark} size={24} />
      </span>
    ) : null
  })
}

function PartBox({ data: { part } }: NodeProps<PartNode>) {
  const { check, marks, chosen, choose, dropOn } = useBench()
  const { id } = part.part
  const pressure = partPressure(check, id)
  const mark = marks.get(id)
  return (
    <div
      className={`part-box ${chosen === id ? 'chosen' : ''}`}
      onClick={() => choose(id)}
      onDragOver={(event) => dropOn && event.preventDefault()}
      onDrop={(event) => {
        const typeId = event.dataTransfer.getData(DRAGGED)
        if (!dropOn || typeId === '') return
        event.preventDefault()
        event.stopPropagation()
        dropOn(typeId, id)
      }}
    >
      <Ports part={part} side="in" />
      <PartDrawing role={part.type.role} width={40} />
      <span className="part-name">{part.name}</span>
      <span className="part-pressure">{pressure && <Amount quantity={pressure} />}</span>
      {mark && (
        <span className="part-mark">
          <StateMark state={mark} size={24} />
        </span>
      )}
      <JointMarks part={part} marks={marks} />
      <Ports part={part} side="out" />
    </div>
  )
}

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

/** As tall as the drawing needs, within what leaves room for the rest of the page. */
function canvasHeightPx(places: Readonly<Record<string, Place>>): number {
  const all = Object.values(places)
  const across = Math.max(1, ...all.map(({ x }) => x + BOX.widthPx))
  const down = Math.max(BOX.heightPx, ...all.map(({ y }) => y + BOX.heightPx))
  const zoom = Math.max(READABLE_ZOOM, Math.min(1, WIDE_PX / across))
  return Math.round(Math.min(460, Math.max(170, down * zoom + 76)))
}

/** The line drawn left to right: each part with its pressure, each joint in the manner of its zone. The list beside it does the same. */
export function LineDiagram({
  check,
  chosen,
  choose,
  join,
  dropOn,
}: {
  check: LineCheck
  chosen: string | null
  choose: (id: string | null) => void
  join?: (connection: Connection) => void
  dropOn?: (typeId: string, after: string | null) => void
}) {
  const { graph, zones } = check
  const places = usePlaces(graph)
  const marks = useMemo(() => marksOf(check), [check])
  const nodes = graph.parts.map((part): PartNode => ({
    id: part.part.id,
    type: 'part',
    position: places[part.part.id] ?? { x: 0, y: 0 },
    data: { part },
    width: BOX.widthPx,
    height: BOX.heightPx,
    ariaLabel: part.name,
    // Nothing is moved or selected by the library, and yet a box takes clicks and what is dropped on it.
    style: { pointerEvents: 'all' },
  }))
  const edges = graph.joints.map(({ joint, from, to }): Edge => {
    const zone = zones.get(from.part.id)?.outlet ?? null
    const mark = marks.get(joint.id)
    return {
      id: joint.id,
      source: from.part.id,
      target: to.part.id,
      sourceHandle: joint.from.portId,
      targetHandle: joint.to.portId,
      type: 'default',
      className: `joint-line ${zone ?? 'no-gas'} ${mark ?? ''}`,
    }
  })
  const shown = [...new Set([...zones.values()].flatMap(({ inlet, outlet }) => [inlet, outlet]))].filter(
    (zone) => zone !== null,
  )
  const bench = { check, marks, chosen, choose, dropOn: dropOn ?? null }
  return (
    <figure className="line-diagram">
      <BenchContext value={bench}>
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
              nodesConnectable={join !== undefined}
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
      </BenchContext>
      <figcaption className="zone-key">
        {shown.map((zone) => (
          <span key={zone} className={`zone-sample ${zone}`}>
            <svg width="44" height="12" aria-hidden="true">
              <path className={`joint-line ${zone}`} d="M2 6H42" />
            </svg>
            {zoneFacts[zone].name}
          </span>
        ))}
      </figcaption>
    </figure>
  )
}
