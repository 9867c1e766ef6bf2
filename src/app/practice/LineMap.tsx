'use client'

import { useMemo } from 'react'
import type { Line } from '@/core/hookup/line/line'
import { type GraphPart, lineGraphOrNull } from '@/core/hookup/line/lineGraph'

/** One part with what follows it, in the order of the gas. */
function Branch({ part, marked, seen }: { part: GraphPart; marked: readonly string[]; seen: ReadonlySet<string> }) {
  const isMarked = marked.includes(part.part.id)
  const after = part.outOf.map(({ to }) => to).filter(({ part: { id } }) => !seen.has(id))
  const own = new Set([...seen, part.part.id])
  const [only] = after
  return (
    <>
      <li aria-current={isMarked ? 'true' : undefined} className={isMarked ? 'marked' : undefined}>
        {part.name}
        {isMarked && <span className="visually-hidden"> (look here)</span>}
      </li>
      {after.length === 1 && only && <Branch part={only} marked={marked} seen={own} />}
      {after.length > 1 &&
        after.map((to) => (
          <li key={to.part.id} className="branch">
            <ol>
              <Branch part={to} marked={marked} seen={own} />
            </ol>
          </li>
        ))}
    </>
  )
}

/** The line in the order of the gas, with the part in question marked. */
export function LineMap({ line, marked }: { line: Line; marked: readonly string[] }) {
  const graph = useMemo(() => lineGraphOrNull(line), [line])
  if (!graph) return null
  const seen = new Set<string>()
  return (
    <nav className="line-map" aria-label="Your line, in the order of the gas">
      <h2>Your line</h2>
      {graph.sources.map((source, i) => {
        const before = i === 0 ? seen : new Set(graph.sources.slice(0, i).flatMap((one) => downstreamIds(one)))
        return (
          <ol key={source.part.id}>
            <Branch part={source} marked={marked} seen={before} />
          </ol>
        )
      })}
    </nav>
  )
}

/** Parts that a source feeds: drawn once, at the first source. */
function downstreamIds(source: GraphPart): string[] {
  const ids = new Set<GraphPart>(source.outOf.map(({ to }) => to))
  for (const part of ids) for (const { to } of part.outOf) ids.add(to)
  return [...ids].map(({ part }) => part.id)
}
