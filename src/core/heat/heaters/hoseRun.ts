import { boxPoints, rotate } from '@/core/math/planGeometry'
import type { HeaterBody, Pose } from './heater'
import { clearanceTo } from '@/core/heat/clearance/clearanceTo'
import type { Thing } from '@/core/heat/room/thing'

/** The hose from the nearest gas outlet. */
export interface HoseRun {
  outletId: string
  /** Required length, with a tenth for bends. */
  wantedM: number
  hasM: number
  reaches: boolean
  /** It would cross the clearance in front of the heater. */
  crossesFront: boolean
}

/** Extra length, so that the hose is not pulled tight. */
const SLACK = 1.1
/** Pieces in which its way is looked at. */
const PIECES = 12

/**
 * Whether the heater's hose reaches an outlet, and whether it crosses the hot zone.
 *
 * @returns null for a heater without a hose, or a room without an outlet
 */
export function hoseRun(things: readonly Thing[], body: HeaterBody, pose: Pose): HoseRun | null {
  const { hoseM } = body
  const outlets = things.filter(({ kind }) => kind === 'gas-outlet')
  if (hoseM === undefined || outlets.length === 0) return null
  const [back = { xM: 0, yM: 0 }] = rotate([{ xM: -body.depthM / 2, yM: 0 }], pose.turnDeg)
  const inlet = { xM: back.xM + pose.xM, yM: back.yM + pose.yM }
  const runs = outlets.map((outlet) => ({
    outlet,
    wantedM: SLACK * Math.hypot(outlet.xM - inlet.xM, outlet.yM - inlet.yM, outlet.lowM - pose.bottomM),
  }))
  const [{ outlet, wantedM }] = runs.toSorted((a, b) => a.wantedM - b.wantedM) as [(typeof runs)[number]]
  const inFront = { frontM: body.clearances.frontM, rearM: 0, sidesM: 0, topM: 0 }
  const crossesFront = Array.from({ length: PIECES }, (_, i) => (i + 0.5) / PIECES).some((share) => {
    const middle = {
      xM: inlet.xM + (outlet.xM - inlet.xM) * share,
      yM: inlet.yM + (outlet.yM - inlet.yM) * share,
    }
    const piece = { points: boxPoints(middle, 0.01, 0.01, 0), lowM: 0, highM: pose.bottomM + 0.01 }
    // A point behind the heater's center is not in front of it.
    const [ahead = middle] = rotate([{ xM: middle.xM - pose.xM, yM: middle.yM - pose.yM }], -pose.turnDeg)
    return ahead.xM > 0 && clearanceTo(piece, inFront, body, pose).marginM < 0
  })
  return { outletId: outlet.id, wantedM, hasM: hoseM, reaches: hoseM >= wantedM, crossesFront }
}
