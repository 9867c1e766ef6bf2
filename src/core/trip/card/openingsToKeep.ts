import { InputError } from '@/core/base/InputError'
import type { Phrase } from '@/core/base/quantity'
import { placedHeaters } from '@/core/heat/clearance/placedFindings'
import type { HeaterGear, RoomGear } from '@/core/heat/room/roomPlan'
import { openAreaM2 } from '@/core/heat/ventilation/openings'
import { judgeRoomAir } from '@/core/heat/ventilation/judgeRoomAir'
import { gapsPhrase, openingsPhrase } from '@/core/heat/ventilation/planOpenings'
import { isAirGood, unventedInUse } from '@/core/heat/ventilation/ventilationCheck'
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
    const { judged, plan } = judgeRoomAir(gear, burning, conditions)
    const isGood = isAirGood(judged)
    const { text, parts } = isGood
      ? gapsPhrase(
          room.openings.filter((opening) => openAreaM2(opening) > 0),
          ' ',
        )
      : openingsPhrase(plan)
    return [{ text: isGood ? `{room}: keep open ${text}.` : `{room}: ${text}`, parts: { ...parts, room: gear.name } }]
  } catch (error) {
    // An invalid room is reported by Heat & air.
    if (error instanceof InputError) return []
    throw error
  }
}
