import type { Room } from '@/core/heat/room/room'
import type { HeaterGear } from '@/core/heat/room/roomPlan'
import { ventilationCheck, type VentilationCheck } from './ventilationCheck'
import { ventilationNeed, type VentilationNeed } from './ventilationNeed'

export interface Ventilation {
  needs: readonly { name: string; need: VentilationNeed }[]
  /** Against all of them together. */
  check: VentilationCheck
}

/**
 * What stands open in a room against what all its burning heaters want.
 *
 * @param room - with its openings as they stand
 * @param burning - from burningOf
 * @throws InputError as ventilationNeed does
 */
export function ventilationOf(room: Room, burning: readonly HeaterGear[]): Ventilation {
  const needs = burning.map(({ name, heater }) => ({ name, need: ventilationNeed(heater.highW, heater.openAreaM2) }))
  const neededM2 = needs.reduce((sum, { need }) => sum + need.areaM2, 0)
  return { needs, check: ventilationCheck(room, neededM2) }
}
