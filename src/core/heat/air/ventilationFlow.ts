import { bisect } from '@/core/math/findRoot'
import { isVerticalSide } from '@/core/heat/room/roomGeometry'
import { openAreaM2, openingHeightM } from '@/core/heat/ventilation/openings'
import type { Room } from '@/core/heat/room/room'

const GRAVITY_MS2 = 9.80665
/** Of a sharp-edged opening. */
const DISCHARGE = 0.61
/** Wind between two sides of a body, as a share of its pressure. [from memory] */
const WIND_COEFFICIENT_DIFFERENCE = 0.6
const HALVINGS = 50

interface Hole {
  areaM2: number
  heightM: number
  /** Height of the gap itself, through which a single opening breathes. */
  gapM: number
  side: string
}

function holesOf(room: Room): Hole[] {
  return room.openings
    .map((opening) => ({
      areaM2: openAreaM2(opening),
      heightM: openingHeightM(room, opening),
      gapM: isVerticalSide(opening.side) ? Math.min(opening.openM, opening.heightM) : 0,
      side: opening.side,
    }))
    .filter(({ areaM2 }) => areaM2 > 0)
}

/**
 * Stack flow, in at the low and out at the high openings: at the neutral height inflow equals outflow.
 * For one low and one high opening this is Q = Cd·A·√(2·ΔT·g·h/T), 1/A² = 1/A₁² + 1/A₂².
 *
 * @returns m³/s for each root of drive (g·ΔT/T)
 */
function stackShare(holes: readonly Hole[]): number {
  const flow = ({ areaM2, heightM }: Hole, neutralM: number): number => {
    const headM = heightM - neutralM
    return Math.sign(headM) * DISCHARGE * areaM2 * Math.sqrt(2 * Math.abs(headM))
  }
  const heights = holes.map(({ heightM }) => heightM)
  const isPast = (atM: number): boolean => holes.reduce((sum, hole) => sum + flow(hole, atM), 0) <= 0
  const { low } = bisect(isPast, Math.min(...heights), Math.max(...heights), { halvings: HALVINGS })
  return holes.reduce((sum, hole) => sum + Math.max(0, flow(hole, low)), 0)
}

/** Single-sided stack flow through each opening: Q = Cd·A/3·√(g·h·ΔT/T). */
function singleShare(holes: readonly Hole[]): number {
  return holes.reduce((sum, { areaM2, gapM }) => sum + ((DISCHARGE * areaM2) / 3) * Math.sqrt(gapM), 0)
}

/** Wind flow: across the room when two sides are open, else by gusts through one side. */
function windM3S(holes: readonly Hole[], windMS: number): number {
  const bySide = new Map<string, number>()
  for (const { side, areaM2 } of holes) bySide.set(side, (bySide.get(side) ?? 0) + areaM2)
  const areas = [...bySide.values()].toSorted((a, b) => b - a)
  const [first = 0, ...others] = areas
  const single = 0.025 * (first + others.reduce((sum, area) => sum + area, 0)) * windMS
  const rest = others.reduce((sum, area) => sum + area, 0)
  if (rest === 0) return single
  const across = 1 / Math.sqrt(1 / first ** 2 + 1 / rest ** 2)
  return Math.max(single, DISCHARGE * across * windMS * Math.sqrt(WIND_COEFFICIENT_DIFFERENCE))
}

/**
 * Air that passes through a room's openings by warmth and wind.
 *
 * @param room - with its present openings
 * @param windMS - 0 for a verdict
 * @returns from the air's temperatures inside and outside (K), m³/s of air as it is inside, without leakage; the
 *   greater of warmth and wind counts
 * @see BS 5925:1991, tables 8 and 9; CIBSE AM10 [from memory]
 */
export function ventilationFlowM3S(room: Room, windMS: number): (insideK: number, outsideK: number) => number {
  const holes = holesOf(room)
  if (holes.length === 0) return () => 0
  const share = Math.max(stackShare(holes), singleShare(holes))
  const byWindM3S = windM3S(holes, windMS)
  return (insideK, outsideK) => {
    const drive = (GRAVITY_MS2 * Math.abs(insideK - outsideK)) / ((insideK + outsideK) / 2)
    return Math.max(share * Math.sqrt(drive), byWindM3S)
  }
}
