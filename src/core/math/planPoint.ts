/** A point on the plan: from the back of the room, and from its left side. */
export interface PlanPoint {
  xM: number
  yM: number
}

/** A convex outline on the plan between two heights. */
export interface Solid {
  points: readonly PlanPoint[]
  lowM: number
  highM: number
}
