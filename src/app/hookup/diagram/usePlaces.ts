'use client'

import { useEffect, useMemo, useState } from 'react'
import type { LineGraph } from '@/core/hookup/line/lineGraph'
import { placeDiagram, type BoxPosition } from '@/workers/placeDiagram'

export const BOX = { widthPx: 104, heightPx: 100 } as const
const GAP_PX = 22

/** Columns by how far the gas has come, until the worker has placed them well. */
function roughPlaces({ sortFindings }: LineGraph): Record<string, BoxPosition> {
  const column = new Map<string, number>()
  const filled = new Map<number, number>()
  return Object.fromEntries(
    sortFindings.map(({ part: { id }, into }) => {
      const at = Math.max(0, ...into.map(({ from }) => (column.get(from.part.id) ?? 0) + 1))
      const row = filled.get(at) ?? 0
      column.set(id, at)
      filled.set(at, row + 1)
      return [id, { x: at * (BOX.widthPx + GAP_PX), y: row * (BOX.heightPx + GAP_PX) }]
    }),
  )
}

/** Key of the layout: parts and their connections only. */
interface Shape {
  ids: string[]
  edges: [string, string][]
}

const shapeOf = ({ parts, joints }: LineGraph): Shape => ({
  ids: parts.map(({ part }) => part.id),
  edges: joints.map(({ from, to }) => [from.part.id, to.part.id]),
})

function placeShape({ ids, edges }: Shape): Promise<Record<string, BoxPosition>> {
  return placeDiagram(
    ids.map((id) => ({ id, ...BOX })),
    edges,
  )
}

/** Positions of the parts, computed once; plain columns when the worker does not answer. */
export function placesOf(graph: LineGraph): Promise<Record<string, BoxPosition>> {
  return placeShape(shapeOf(graph)).catch(() => roughPlaces(graph))
}

/** Positions of the parts in the diagram, from a worker; approximate until it answers. */
export function usePlaces(graph: LineGraph): Readonly<Record<string, BoxPosition>> {
  const shape = JSON.stringify(shapeOf(graph))
  const [placed, setPlaced] = useState<{ shape: string; places: Record<string, BoxPosition> } | null>(null)
  const rough = useMemo(() => roughPlaces(graph), [graph])

  useEffect(() => {
    let wanted = true
    placeShape(JSON.parse(shape) as Shape).then(
      (places) => wanted && setPlaced({ shape, places }),
      // Without the worker the columns remain: complete, but less tidy.
      () => undefined,
    )
    return () => {
      wanted = false
    }
  }, [shape])
  return placed?.shape === shape ? placed.places : rough
}
