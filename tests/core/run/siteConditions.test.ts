import fc from 'fast-check'
import { assumed } from '@/core/base/provenance'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { siteConditions } from '@/core/run/siteConditions'
import { SIXTY_F_K } from '@/core/units/convert'
import { steadyWeather } from '@tests/run'

describe('conditions of the place', () => {
  test('without a trip everything is assumed: sea level and 60 °F', () => {
    expect(siteConditions(undefined)).toEqual({
      altitudeM: 0,
      atmospherePa: standardAtmospherePa(0),
      temperatureK: SIXTY_F_K,
      assumed: { altitude: true, temperature: true },
    })
  })
  test('property: what a trip says is used, and what it does not say is marked', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4000 }),
        fc.boolean(),
        fc.option(fc.integer({ min: 240, max: 300 })),
        fc.option(fc.integer({ min: 240, max: 300 })),
        (altitudeM, isEntered, coldestK, forecastK) => {
          const site = siteConditions({
            altitudeM: isEntered ? altitudeM : 0,
            sources: isEntered ? {} : { altitudeM: assumed() },
            coldestK,
            forecast: forecastK === null ? null : steadyWeather(2, forecastK),
          })
          const told = [coldestK, forecastK].flatMap((kelvin) => kelvin ?? [])
          expect(site.assumed).toEqual({ altitude: !isEntered, temperature: told.length === 0 })
          expect(site.temperatureK).toBe(told.length === 0 ? SIXTY_F_K : Math.min(...told))
          expect(site.altitudeM).toBe(isEntered ? altitudeM : 0)
        },
      ),
    )
  })
})
