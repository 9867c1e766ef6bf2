import type { GraphPart } from './lineGraph'

/** Parts the gas passes on its way to a part, itself left out. */
export function upstreamOf(part: GraphPart): GraphPart[] {
  const above = new Set(part.into.map(({ from }) => from))
  for (const at of above) for (const { from } of at.into) above.add(from)
  return [...above]
}
