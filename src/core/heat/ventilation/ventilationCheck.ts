import type { PlacedHeater } from '@/core/heat/clearance/placedFindings'
import type { Opening, Room } from '@/core/heat/room/room'
import { isVerticalSide } from '@/core/heat/room/roomGeometry'
import type { HeaterGear, PlannedBurning } from '@/core/heat/room/roomPlan'
import { openAreaM2, openingHeightM } from './openings'
import { burningTogether } from './burningTogether'
import { type AirConditions, LEAST_OXYGEN_SHARE, MOST_CO2_PPM, plannedAir, type PlannedAir } from './plannedAir'
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
 * Heaters of a room that should be used and leave their fumes in it.
 *
 * @param placed - heaters placed in the room
 */
export function unventedInUse(placed: readonly PlacedHeater[]): HeaterGear[] {
  return placed.filter((one) => one.placed.use !== 'not-used' && !one.heater.heater.vented).map(({ heater }) => heater)
}

export interface Ventilation {
  needs: readonly { name: string; need: VentilationNeed }[]
  /** Names of everything that burns together by the plan. */
  names: readonly string[]
  /** Area against the manual’s, or the usual. */
  check: VentilationCheck
  /** The worst of the air over the planned day. */
  air: PlannedAir
  /** Area and oxygen are enough: the stricter of the two binds. */
  isEnough: boolean
}

/** What a trip burns in a room’s air, and where. */
export interface RoomConditions extends AirConditions {
  planned: readonly PlannedBurning[]
}

/**
 * Judges openings of a room against the area its heaters ask for and against the air that the plan leaves in it. What
 * burns is worked out once, so that many openings can be tried.
 *
 * @param heaters - from unventedInUse
 * @param conditions - what the trip burns, height and weather
 * @throws InputError as ventilationNeed does; for a room as plannedAir does
 */
export function ventilationJudge(
  heaters: readonly HeaterGear[],
  conditions: RoomConditions,
): (room: Room) => Ventilation {
  const burning = burningTogether(heaters, conditions.planned)
  const needs = burning.heaters.map(({ name, heater }) => ({
    name,
    need: ventilationNeed(heater.highW, heater.openAreaM2),
  }))
  const neededM2 = needs.reduce((sum, { need }) => sum + need.areaM2, 0)
  return (room) => {
    const check = ventilationCheck(room, neededM2)
    const air = plannedAir(room, burning, conditions)
    const isEnough = check.isEnough && air.oxygenShare >= LEAST_OXYGEN_SHARE
    return { needs, names: burning.names, check, air, isEnough }
  }
}

/** Whether openings are enough and the CO2 stays under its limit too. */
export function isAirGood({ isEnough, air }: Ventilation): boolean {
  return isEnough && air.co2Ppm <= MOST_CO2_PPM
}
