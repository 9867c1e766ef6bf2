import { InputError } from '@/core/base/InputError'
import type { Phrase } from '@/core/base/quantity'
import { placedHeaters } from '@/core/heat/clearance/placedFindings'
import type { HeaterGear, RoomGear } from '@/core/heat/room/roomPlan'
import type { Room } from '@/core/heat/room/room'
import { openAreaM2 } from '@/core/heat/ventilation/openings'
import { openingsPhrase, planOpenings } from '@/core/heat/ventilation/planOpenings'
import { isAirGood, roomVentilation, unventedInUse } from '@/core/heat/ventilation/ventilationCheck'
import { mildestHeatedK } from '@/core/run/weather/forecastOfTrip'
import type { TripPlan } from '@/core/run/tripPlan'

/**
 * Which openings of a room stay open and how far, or which to open when that is not enough; one sentence for the card
 * and for the steps of the evening.
 *
 * @param gear - the room
 * @param heaters - of the rig
 * @param trip - what burns, how high and how mild
 * @returns none where nothing without a chimney is used
 */
export function openingsToKeep(
  gear: RoomGear,
  heaters: readonly HeaterGear[],
  trip: Pick<TripPlan, 'altitudeM' | 'uses' | 'forecast'>,
): Phrase[] {
  try {
    const burning = unventedInUse(placedHeaters(gear, heaters))
    if (burning.length === 0) return []
    const { room } = gear.shelter
    const { altitudeM, uses: planned } = trip
    const conditions = { planned, altitudeM, mildestK: mildestHeatedK(trip) }
    const isGood = (now: Room): boolean => isAirGood(roomVentilation(now, burning, conditions))
    if (!isGood(room)) {
      const { text, parts } = openingsPhrase(planOpenings(room, isGood))
      return [{ text: `{room}: ${text}`, parts: { ...parts, room: gear.name } }]
    }
    const open = room.openings.filter((opening) => openAreaM2(opening) > 0)
    const parts = Object.fromEntries(
      open.flatMap(({ name, openM }, i) => [
        [`name${i}`, name],
        [`open${i}`, { value: openM, role: 'length', rounded: 'up' } as const],
      ]),
    )
    const words = open.map((_, i) => `{name${i}} {open${i}}`).join(', ')
    return [{ text: `{room}: keep open ${words}.`, parts: { ...parts, room: gear.name } }]
  } catch (error) {
    // An invalid room is reported by Heat & air.
    if (error instanceof InputError) return []
    throw error
  }
}
