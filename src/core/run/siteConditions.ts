import { isAssumed } from '@/core/base/provenance'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import type { TripPlan } from './tripPlan'
import { coldestOfTripK } from './weather/forecastOfTrip'

/** Altitude and cold of the place to camp, and which of them nobody entered. */
export interface SiteConditions {
  altitudeM: number
  atmospherePa: number
  /** The coldest of the trip. */
  temperatureK: number
  assumed: { altitude: boolean; temperature: boolean }
}

/**
 * What the next trip says of its place; sea level and 60 °F are assumed for what it does not say.
 *
 * @param trip - the next trip; undefined when none is planned
 */
export function siteConditions(
  trip: Pick<TripPlan, 'altitudeM' | 'sources' | 'coldestK' | 'forecast'> | undefined,
): SiteConditions {
  const { altitudeM, sources, coldestK, forecast } = trip ?? { altitudeM: 0, coldestK: null }
  return {
    altitudeM,
    atmospherePa: standardAtmospherePa(altitudeM),
    temperatureK: coldestOfTripK({ coldestK, ...(forecast && { forecast }) }),
    assumed: {
      altitude: trip === undefined || isAssumed(sources, 'altitudeM'),
      temperature: coldestK === null && !forecast,
    },
  }
}
