import { bisect } from '@/core/math/findRoot'
import { openAreaM2 } from './openings'
import { ventilationCheck } from './ventilationCheck'
import type { Opening, Room } from '@/core/heat/room/room'

/** One window or vent and how far to open it. */
export interface OpeningTarget {
  openingId: string
  name: string
  openM: number
}

export interface OpeningPlan {
  /** Openings to be changed, in the order of the room. */
  steps: readonly OpeningTarget[]
  /** False when all of them wide open are not enough. */
  suffices: boolean
}

/** Halvings of the search: a room's gap to a thousandth of a millimetre. */
const HALVINGS = 30
/** A gap is set by eye to about this, and never to less than is needed. */
const SET_BY_M = 0.0127 / 4

const wide = (opening: Opening): Opening => ({ ...opening, openM: Math.max(opening.openM, opening.heightM) })

function withOpen(room: Room, moved: readonly Opening[], gapM: number): Room {
  const ids = new Set(moved.map(({ id }) => id))
  return {
    ...room,
    openings: room.openings.map((opening) =>
      ids.has(opening.id) ? { ...opening, openM: Math.min(opening.heightM, Math.max(opening.openM, gapM)) } : opening,
    ),
  }
}

/**
 * Which windows to open and how far: the fewest that let air in and out at two places, opened equally.
 *
 * @param room - with its present openings
 * @param neededM2 - from ventilationNeed
 */
export function planOpenings(room: Room, neededM2: number): OpeningPlan {
  if (ventilationCheck(room, neededM2).isEnough) return { steps: [], suffices: true }
  // A door is used only when windows are not enough.
  const usable = room.openings
    .filter((opening) => openAreaM2(wide(opening)) > openAreaM2(opening))
    .toSorted(
      (a, b) => Number(a.kind === 'door') - Number(b.kind === 'door') || openAreaM2(wide(b)) - openAreaM2(wide(a)),
    )
  const at = (moved: readonly Opening[], gapM: number) => ventilationCheck(withOpen(room, moved, gapM), neededM2)
  const widest = (moved: readonly Opening[]): number => Math.max(...moved.map(({ heightM }) => heightM))
  const pairs = usable.flatMap((one, i) => usable.slice(i + 1).map((other) => [one, other]))
  const choices = [...usable.map((one) => [one]), ...pairs, usable].filter(
    (moved) => moved.length > 0 && at(moved, widest(moved)).isEnough,
  )
  // Two places are preferred; one place is used only when there is no other.
  const chosen = choices.find((moved) => at(moved, widest(moved)).isTwoWay) ?? choices[0]
  if (!chosen)
    return { steps: usable.map(({ id, name, heightM }) => ({ openingId: id, name, openM: heightM })), suffices: false }
  const { high } = bisect((gapM) => at(chosen, gapM).isEnough, 0, widest(chosen), { halvings: HALVINGS })
  const gapM = Math.ceil(high / SET_BY_M) * SET_BY_M
  return {
    steps: chosen
      .filter(({ openM }) => openM < gapM)
      .map(({ id, name, heightM }) => ({ openingId: id, name, openM: Math.min(heightM, gapM) })),
    suffices: true,
  }
}
