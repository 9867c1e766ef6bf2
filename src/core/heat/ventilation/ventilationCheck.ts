import type { PlacedHeater } from '@/core/heat/clearance/placedFindings'
import type { Opening, Room } from '@/core/heat/room/room'
import { isVerticalSide } from '@/core/heat/room/roomGeometry'
import type { HeaterGear } from '@/core/heat/room/roomPlan'
import { openAreaM2, openingHeightM } from './openings'
import { ventilationNeed, type VentilationNeed } from './ventilationNeed'

/** One opening with its free area. */
interface CountedOpening {
  opening: Opening
  areaM2: number
}

export interface VentilationCheck {
  openings: readonly CountedOpening[]
  /** Total free area. */
  openM2: number
  /** Area that counts: half when all openings are in one place. */
  countedM2: number
  /** Air can enter and leave at two places: low and high, or on two sides. */
  isTwoWay: boolean
  neededM2: number
  /** Negative when short. */
  spareM2: number
  isEnough: boolean
}

/** Height difference at which air enters at one opening and leaves at the other. */
const APART_M = 0.4

/** With one place, air has to enter and leave through the same gap. [common practice] */
const ONE_PLACE_SHARE = 0.5

function twoWay(room: Room, open: readonly Opening[]): boolean {
  return open.some((one, i) =>
    open.slice(i + 1).some((other) => {
      const differs = one.side !== other.side && isVerticalSide(one.side) && isVerticalSide(other.side)
      return differs || Math.abs(openingHeightM(room, one) - openingHeightM(room, other)) >= APART_M
    }),
  )
}

/**
 * Open area against what is needed, in calm air: wind is never counted on.
 *
 * @param room - with its present openings
 * @param neededM2 - from ventilationNeed
 */
export function ventilationCheck(room: Room, neededM2: number): VentilationCheck {
  const openings = room.openings.map((opening) => ({ opening, areaM2: openAreaM2(opening) }))
  const open = openings.filter(({ areaM2 }) => areaM2 > 0)
  const openM2 = open.reduce((sum, { areaM2 }) => sum + areaM2, 0)
  const isTwoWay = twoWay(
    room,
    open.map(({ opening }) => opening),
  )
  const countedM2 = isTwoWay ? openM2 : openM2 * ONE_PLACE_SHARE
  // Inches and millimetres do not meet exactly.
  const spareM2 = countedM2 - neededM2
  return { openings, openM2, countedM2, isTwoWay, neededM2, spareM2, isEnough: spareM2 >= -1e-9 }
}

/**
 * Heaters of a room that should be used and leave their fumes in it; they may burn together.
 *
 * @param placed - heaters placed in the room
 */
export function unventedInUse(placed: readonly PlacedHeater[]): HeaterGear[] {
  return placed.filter((one) => one.placed.use !== 'not-used' && !one.heater.heater.vented).map(({ heater }) => heater)
}

interface Ventilation {
  needs: readonly { name: string; need: VentilationNeed }[]
  /** Against all of them together. */
  check: VentilationCheck
}

/**
 * Free area of a room compared with the need of all heaters in use.
 *
 * @param room - with its present openings
 * @param burning - from unventedInUse
 * @throws InputError as ventilationNeed does
 */
export function roomVentilation(room: Room, burning: readonly HeaterGear[]): Ventilation {
  const needs = burning.map(({ name, heater }) => ({ name, need: ventilationNeed(heater.highW, heater.openAreaM2) }))
  const neededM2 = needs.reduce((sum, { need }) => sum + need.areaM2, 0)
  return { needs, check: ventilationCheck(room, neededM2) }
}
