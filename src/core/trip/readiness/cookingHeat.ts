import { applianceTraits } from '@/core/appliances/applianceKinds'
import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import { heatersInUse } from '@/core/heat/room/roomPlan'
import { type ApplianceUse, isHeating, type TripPlan } from '@/core/run/tripPlan'
import type { RigHeat } from './rigGear'

/** Nobody cooks longer than this in a day, at full. [common practice] */
const COOKED_S = 2 * 3600

/** A night on which people want heat. [common practice] */
const COLD_NIGHT_K = 283.15

function cooksInside({ kind = 'other' }: ApplianceUse): boolean {
  return applianceTraits[kind].cooks
}

function hasHeat({ rooms, heaters }: RigHeat, { uses }: TripPlan): boolean {
  const used = heatersInUse(rooms)
  return uses.some(isHeating) || heaters.some(({ id }) => used.has(id))
}

/**
 * Findings about stoves and ovens that heat the rig, or that nobody said do not: those that burn longer than anyone
 * cooks, and those in a rig without a heater on a cold night.
 *
 * @param heat - rooms and heaters of the rig
 * @param trip - with its uses, hours worked out, and its coldest night
 * @param coldestK - of the trip; null when nobody entered its weather
 */
export function cookingHeatFindings(heat: RigHeat, trip: TripPlan, coldestK: number | null): Finding[] {
  const isUnheated = coldestK !== null && coldestK < COLD_NIGHT_K && !hasHeat(heat, trip)
  return trip.uses.filter(cooksInside).flatMap((use): Finding[] => {
    const { id, name, burnPerDayS, heatsRoom = null } = use
    const parts = { name }
    if (heatsRoom === true) {
      return [
        makeFinding('run', 'cooking-as-heat', {
          text: '{name} is planned to heat the rig.',
          reason:
            'A stove or an oven is no heater: its flames take the air of the room and make CO, and nothing shuts them off. People die of it.',
          parts,
          about: id,
        }),
      ]
    }
    if (heatsRoom === false || !(burnPerDayS > COOKED_S || (isUnheated && burnPerDayS > 0))) return []
    return [
      makeFinding('run', 'cooking-as-heat-not-known', {
        text: 'Does {name} heat the rig too?',
        reason:
          'It burns longer than people cook, or the night is cold and nothing else heats. A stove or an oven is no heater.',
        parts,
        about: id,
      }),
    ]
  })
}
