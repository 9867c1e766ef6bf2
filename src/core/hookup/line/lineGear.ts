import type { Line } from './line'

/** A line of the rig as readiness needs to know it. */
export interface LineGear {
  id: string
  name: string
  line: Line
}
