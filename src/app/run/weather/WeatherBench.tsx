'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { RunHeader } from '@/app/run/RunHeader'
import type { RunPageData } from '@/app/run/runPageData'
import { useRunEditor } from '@/app/run/useRunEditor'
import type { Forecast } from '@/core/run/weather/forecast'
import { AskService } from './AskService'
import { ForecastFile } from './ForecastFile'
import { TypedNights } from './TypedNights'
import { WeatherChart } from './WeatherChart'
import { runLabels } from '@/ui/terms/runLabels'

const ways = ['Forecast service', runLabels.typeTheNights, runLabels.fromAFile] as const

const originLabels: Readonly<Record<Forecast['origin'], string>> = {
  typed: 'as you typed it',
  service: 'from the forecast service',
  file: 'from your file',
  'coldest-night': 'every night as cold as the coldest you entered, in calm air',
}

/** Hourly weather of the trip: from a service, typed, or from a file. */
export function WeatherBench({ data, trip }: { data: RunPageData; trip: NonNullable<RunPageData['trip']> }) {
  const editor = useRunEditor(data, trip)
  const { outlook, draft } = editor
  const [way, setWay] = useState<(typeof ways)[number]>('Forecast service')
  const forecast = outlook?.input.forecast
  return (
    <>
      <RunHeader editor={editor} data={data} />
      {outlook && forecast && (
        <>
          <section aria-label={runLabels.weatherInUse}>
            <h2>In use</h2>
            <p>
              {trip.plan.coldestK === null && draft.forecast === null
                ? 'Nothing is entered: nights are taken to be mild, which no cold cylinder would notice.'
                : `${forecast.name === '' ? '' : `${forecast.name}, `}${originLabels[forecast.origin]}.`}{' '}
              {draft.forecast !== null && (
                <Button variant="bare" size="sm" onClick={() => editor.setForecast(null)}>
                  Go back to the coldest night
                </Button>
              )}
            </p>
            <WeatherChart forecast={forecast} nights={outlook.trip.nights} clock={outlook.input} />
          </section>
          <div className="tray-groups" role="group" aria-label="Where the weather comes from">
            {ways.map((one) => (
              <button key={one} type="button" aria-pressed={one === way} onClick={() => setWay(one)}>
                {one}
              </button>
            ))}
          </div>
          {way === 'Forecast service' && <AskService editor={editor} outlook={outlook} />}
          {way === runLabels.typeTheNights && <TypedNights editor={editor} outlook={outlook} />}
          {way === runLabels.fromAFile && <ForecastFile editor={editor} outlook={outlook} />}
        </>
      )}
    </>
  )
}
