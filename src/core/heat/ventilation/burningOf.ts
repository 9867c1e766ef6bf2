import type { PlacedHeater } from '@/core/heat/clearance/placedFindings'
import type { HeaterGear } from '@/core/heat/room/roomPlan'

/**
 * Heaters of a room that are to be used and leave their fumes in it; they may burn together.
 *
 * @param placed - heaters that stand in the room
 */
export function burningOf(placed: readonly PlacedHeater[]): HeaterGear[] {
  return placed.filter((one) => one.placed.use !== 'not-used' && !one.heater.heater.vented).map(({ heater }) => heater)
}
