'use client'

import { Handle, Position, type Node, type NodeProps } from '@xyflow/react'
import { createContext, memo, useContext, useSyncExternalStore } from 'react'
import type { LineCheck } from '@/core/hookup/checks/checkLine'
import type { GraphPart } from '@/core/hookup/line/lineGraph'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { Amount } from '@/ui/figures/Amount'
import { StateMark, type MarkState } from '@/ui/figures/StateMark'
import { PartDrawing } from './PartDrawing'
import { partPressure } from '@/app/hookup/parts/partPressure'

/** Store of the chosen part that notifies only the two affected boxes. */
export interface ChosenPart {
  get: () => string | null
  set: (id: string | null) => void
  subscribe: (changed: () => void) => () => void
}

export function chosenPart(): ChosenPart {
  let chosen: string | null = null
  const listeners = new Set<() => void>()
  return {
    get: () => chosen,
    set: (id) => {
      chosen = id
      for (const changed of listeners) changed()
    },
    subscribe: (changed) => {
      listeners.add(changed)
      return () => listeners.delete(changed)
    },
  }
}

/** What a part in the drawing does when it is clicked, or a part is let go over it. */
export interface BoxBench {
  chosen: ChosenPart
  choose: (id: string) => void
  dropOn: ((typeId: string, after: string | null) => void) | null
}

const BenchContext = createContext<BoxBench | null>(null)
export const BoxBenchProvider = BenchContext.Provider

function useBench(): BoxBench {
  const bench = useContext(BenchContext)
  if (!bench) throw new Error('a part outside its drawing')
  return bench
}

/** Roles whose static pressure is shown too. */

/** How the tray names what is dragged out of it. */
export const DRAGGED = 'application/x-line-part'

interface Face {
  name: string
  role: GraphPart['type']['role']
  pressure: ReturnType<typeof partPressure>
  /** Static pressure, where it is shown. */
  locked: ReturnType<typeof partPressure>
  mark: MarkState | null
  /** Ports with the state of their joints. */
  ins: readonly { id: string; mark: MarkState | null }[]
  outs: readonly string[]
}

/** Everything a box shows; `key` changes when any of it does. */
export type PartNode = Node<{ face: Face; key: string }, 'part'>

/** What the box of a part shows. */
export function faceOf(part: GraphPart, check: LineCheck, marks: ReadonlyMap<string, MarkState>): PartNode['data'] {
  const joints = new Map(part.into.map(({ toPort, joint }) => [toPort.id, joint.id]))
  const isIn = ({ id, way }: (typeof part.type.ports)[number]): boolean =>
    way === 'in' || (way === 'either' && joints.has(id))
  const face: Face = {
    name: part.name,
    role: part.type.role,
    pressure: partPressure(check, part.part.id),
    locked: roleTraits[part.type.role].showsPressure ? partPressure(check, part.part.id, 'locked up') : null,
    mark: marks.get(part.part.id) ?? null,
    ins: part.type.ports.filter(isIn).map(({ id }) => ({ id, mark: marks.get(joints.get(id) ?? '') ?? null })),
    outs: part.type.ports.filter((port) => !isIn(port)).map(({ id }) => id),
  }
  return { face, key: JSON.stringify(face) }
}

const topOf = (i: number, count: number): string => `${((i + 1) * 100) / (count + 1)}%`

function Box({ id, data: { face } }: NodeProps<PartNode>) {
  const bench = useBench()
  const { name, role, pressure, locked, mark, ins, outs } = face
  const isChosen = useSyncExternalStore(
    bench.chosen.subscribe,
    () => bench.chosen.get() === id,
    () => false,
  )
  return (
    <div
      className={`part-box ${isChosen ? 'chosen' : ''}`}
      onClick={() => bench.choose(id)}
      onDragOver={(event) => bench.dropOn && event.preventDefault()}
      onDrop={(event) => {
        const typeId = event.dataTransfer.getData(DRAGGED)
        if (!bench.dropOn || typeId === '') return
        event.preventDefault()
        event.stopPropagation()
        bench.dropOn(typeId, id)
      }}
    >
      {ins.map((port, i) => (
        <Handle
          key={port.id}
          id={port.id}
          type="target"
          position={Position.Left}
          style={{ top: topOf(i, ins.length) }}
        />
      ))}
      <PartDrawing role={role} width={40} />
      <span className="part-name">{name}</span>
      <span className="part-pressure">{pressure && <Amount quantity={pressure} />}</span>
      {locked && (
        <span className="part-static">
          locked up <Amount quantity={locked} />
        </span>
      )}
      {mark && (
        <span className="part-mark">
          <StateMark state={mark} size={24} />
        </span>
      )}
      {ins.map(
        (port, i) =>
          port.mark && (
            <span key={port.id} className="joint-spot" style={{ top: topOf(i, ins.length) }}>
              <StateMark state={port.mark} size={24} />
            </span>
          ),
      )}
      {outs.map((port, i) => (
        <Handle key={port} id={port} type="source" position={Position.Right} style={{ top: topOf(i, outs.length) }} />
      ))}
    </div>
  )
}

/** A part in the drawing; drawn again only when something it shows has changed. */
export const PartBox = memo(Box, (before, after) => before.data.key === after.data.key)
