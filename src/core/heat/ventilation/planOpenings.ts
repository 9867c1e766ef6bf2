import type { Phrase } from '@/core/base/quantity'
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

/** Whether a room’s openings are enough. */
export type OpeningsGoal = (room: Room) => boolean

interface Choice {
  moved: readonly Opening[]
  gapM: number
  usesDoor: boolean
  isTwoWay: boolean
  addedM2: number
}

/**
 * Which windows to open and how far: those that need the least area open, at two places where there are two. A low and
 * a high one pass more air than two on one level, so they are found by the goal itself.
 *
 * @param room - with its present openings
 * @param isMet - whether its openings are enough, by area, by air, or by both
 */
export function planOpenings(room: Room, isMet: OpeningsGoal): OpeningPlan {
  if (isMet(room)) return { steps: [], suffices: true }
  const usable = room.openings.filter((opening) => openAreaM2(wide(opening)) > openAreaM2(opening))
  const widest = (moved: readonly Opening[]): number => Math.max(...moved.map(({ heightM }) => heightM))
  const pairs = usable.flatMap((one, i) => usable.slice(i + 1).map((other) => [one, other]))
  const windows = usable.filter(({ kind }) => kind !== 'door')
  const sets = [...usable.map((one) => [one]), ...pairs, ...[windows, usable].filter((set) => set.length > 2)]
  const choices = sets
    .filter((moved) => isMet(withOpen(room, moved, widest(moved))))
    .map((moved): Choice => {
      // Only gaps that can be set are tried, so few trials find the least of them.
      const isEnough = (steps: number): boolean => isMet(withOpen(room, moved, Math.ceil(steps) * SET_BY_M))
      const { high } = bisect(isEnough, 0, Math.ceil(widest(moved) / SET_BY_M), { width: 0.5 })
      const gapM = Math.ceil(high) * SET_BY_M
      const opened = ventilationCheck(withOpen(room, moved, gapM), 0)
      return {
        moved,
        gapM,
        usesDoor: moved.some(({ kind }) => kind === 'door'),
        isTwoWay: opened.isTwoWay,
        addedM2: opened.openM2,
      }
    })
    // A door is used only when windows are not enough; one place only when there is no second.
    .toSorted(
      (a, b) =>
        Number(a.usesDoor) - Number(b.usesDoor) ||
        Number(b.isTwoWay) - Number(a.isTwoWay) ||
        a.addedM2 - b.addedM2 ||
        a.moved.length - b.moved.length,
    )
  const [chosen] = choices
  if (!chosen)
    return { steps: usable.map(({ id, name, heightM }) => ({ openingId: id, name, openM: heightM })), suffices: false }
  return {
    steps: chosen.moved
      .filter(({ openM }) => openM < chosen.gapM)
      .map(({ id, name, heightM }) => ({ openingId: id, name, openM: Math.min(heightM, chosen.gapM) })),
    suffices: true,
  }
}

/** Openings with how far they are open, in a row: “Left window to 2 in, Roof vent to 1 in”. */
export function gapsPhrase(gaps: readonly Pick<OpeningTarget, 'name' | 'openM'>[], between: ' to ' | ' '): Phrase {
  const parts = Object.fromEntries(
    gaps.flatMap(({ name, openM }, i) => [
      [`name${i}`, name],
      [`open${i}`, { value: openM, role: 'length', rounded: 'up' } as const],
    ]),
  )
  return { text: gaps.map((_, i) => `{name${i}}${between}{open${i}}`).join(', '), parts }
}

/** The steps of a plan as one sentence: which opening, and how far. */
export function openingsPhrase({ steps, suffices }: OpeningPlan): Phrase {
  const { text, parts } = gapsPhrase(steps, ' to ')
  if (suffices) return { text: `Open ${text}.`, ...(parts && { parts }) }
  const wideOpen = text === '' ? 'Nothing here opens.' : `Not enough even with ${text}.`
  return { text: `${wideOpen} Another opening, a smaller heater, or none in this room.`, ...(parts && { parts }) }
}
