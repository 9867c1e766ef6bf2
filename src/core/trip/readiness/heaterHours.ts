import type { Supply } from '@/core/cylinders/cylinderKind'
import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import { type HeaterGear, heatersInUse } from '@/core/heat/room/roomPlan'
import { type ApplianceUse, isBurning, type TripPlan } from '@/core/run/tripPlan'
import type { RigHeat } from './rigGear'

/** Supplies whose gas for heat is not known, and to which side. */
export interface HeatUnknown {
  /** A heater without hours, or nights whose cold nobody entered. */
  mayBurnMore: ReadonlySet<Supply>
  /** A heater by warmth in a room of unknown loss counts at full input. */
  mayBurnLess: ReadonlySet<Supply>
}

/** Heaters that stand ready for use in a room and have no hours and no habit on this trip. */
function withoutHours({ rooms, heaters }: RigHeat, trip: TripPlan): HeaterGear[] {
  const used = heatersInUse(rooms)
  return heaters.filter(
    ({ id, applianceId }) => used.has(id) && !trip.uses.some((use) => use.id === applianceId && isBurning(use)),
  )
}

/**
 * What is not known of the gas that heating takes.
 *
 * @param heat - rooms, heaters and the rig’s heat loss
 * @param trip - uses and weather
 */
export function heatUnknown(heat: RigHeat, trip: TripPlan): HeatUnknown {
  const byWarmth = trip.uses.filter(({ habit }) => habit?.way === 'warmth')
  const isWeatherKnown = trip.coldestK !== null || Boolean(trip.forecast)
  const supplies = (uses: readonly ApplianceUse[]): Supply[] => uses.map(({ supply }) => supply)
  const idle = withoutHours(heat, trip).map(({ heater }): Supply => (heater.bottleOn ? 'bottles' : 'line'))
  return {
    mayBurnMore: new Set([...idle, ...(isWeatherKnown ? [] : supplies(byWarmth))]),
    mayBurnLess: new Set(heat.warmth === null ? supplies(byWarmth) : []),
  }
}

/** Findings about heaters whose hours nobody entered. */
export function heaterHoursFindings(heat: RigHeat, trip: TripPlan): Finding[] {
  return withoutHours(heat, trip).map(({ id, name }) =>
    makeFinding('run', 'heater-hours-not-known', {
      text: 'How long {name} burns on this trip is not entered.',
      reason:
        'Enter its hours, or the warmth it keeps: then they follow from the room and the weather. Until then nobody can say whether the gas is enough.',
      parts: { name },
      about: id,
    }),
  )
}
