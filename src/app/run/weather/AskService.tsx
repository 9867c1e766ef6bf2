'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { RunEditor } from '@/app/run/useRunEditor'
import type { RunOutlook } from '@/core/run/simulation/runOutlook'
import {
  forecastPlaces,
  forecastSpells,
  simulatedForecast,
  spellLabels,
  type ForecastSpell,
} from '@/instruments/simulatedForecast'
import { Amount } from '@/ui/figures/Amount'
import { Choice } from '@/ui/fields/Choice'

/** A simulated service stands in for one that could be connected. */
export function AskService({ editor, outlook }: { editor: RunEditor; outlook: RunOutlook }) {
  const [placeId, setPlaceId] = useState(forecastPlaces[0]?.id ?? '')
  const [spell, setSpell] = useState<ForecastSpell>('usual')
  const place = forecastPlaces.find(({ id }) => id === placeId)
  const ask = (): void => {
    const served = simulatedForecast(placeId, spell, outlook.input.startISO, outlook.trip.nights * 24, Math.random)
    if (!served) return
    const { place: name, ...hours } = served
    editor.setForecast({
      fromDay: outlook.trip.startDay,
      origin: 'service',
      name: `${name}, ${spellLabels[spell]}`,
      ...hours,
    })
  }
  return (
    <section aria-label="Forecast service">
      <p className="hint">
        A simulated service with invented places stands in for one that could be connected. Each answer differs a
        little, as forecasts do from day to day.
      </p>
      <div className="fields narrow">
        <Choice
          id="forecast-place"
          label="Place"
          value={placeId}
          options={forecastPlaces.map(({ id, name }) => [id, name] as const)}
          set={setPlaceId}
        />
        <Choice
          id="forecast-spell"
          label="Weather"
          value={spell}
          options={forecastSpells.map((one) => [one, spellLabels[one]] as const)}
          set={setSpell}
        />
        <div className="align-self-end">
          <Button size="sm" onClick={ask}>
            Ask for the forecast
          </Button>
        </div>
      </div>
      {place && (
        <p className="hint">
          {place.name} lies at <Amount quantity={{ value: place.altitudeM, role: 'altitude' }} />; the trip’s own height
          stays as it is entered.
        </p>
      )}
    </section>
  )
}
