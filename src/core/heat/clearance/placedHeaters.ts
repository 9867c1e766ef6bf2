import type { PlacedHeater } from './placedFindings'
import type { HeaterGear, ShelterGear } from '@/core/heat/room/roomPlan'

/**
 * Heaters of the rig that stand in a room; one that was put away stands there no more.
 *
 * @param gear - the room
 * @param heaters - of the rig
 */
export function placedHeaters(gear: ShelterGear, heaters: readonly HeaterGear[]): PlacedHeater[] {
  return gear.shelter.placed.flatMap((placed) => {
    const heater = heaters.find(({ id }) => id === placed.heaterId)
    return heater ? [{ gear, heater, placed }] : []
  })
}
