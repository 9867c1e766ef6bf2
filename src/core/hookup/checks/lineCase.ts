import type { PartFlow } from '@/core/hookup/flow/lineFlow'
import type { HeldGas } from '@/core/hookup/line/changeoverSides'
import type { LineGraph } from '@/core/hookup/line/lineGraph'
import type { PartZones } from '@/core/hookup/line/lineZones'

/** Input of every check of a line. */
export interface LineCase {
  lineId: string
  graph: LineGraph
  zones: ReadonlyMap<string, PartZones>
  /** Null when the line has a cycle, because its flows are not defined. */
  flow: ReadonlyMap<string, PartFlow> | null
  /** Usable gas of the rig's cylinders. */
  heldKg?: HeldGas | undefined
  /** Last month of the period it is judged for, `2026-12`. */
  untilMonth: string
}
