import type { LinePart } from './line'
import type { GraphPart } from './lineGraph'

/** Side a changeover takes its gas from: as set, else by itself where it can, else the left. */
export function leverOf({ part, type }: GraphPart): NonNullable<LinePart['lever']> {
  return part.lever ?? (type.automatic ? 'automatic' : 'left')
}
