'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { RunEditor } from '@/app/run/useRunEditor'
import { InputError } from '@/core/base/InputError'
import { readForecast, type ForecastRead } from '@/core/run/weather/readForecast'
import { temperatureScales, type TemperatureScale } from '@/core/run/weather/readForecastRows'
import type { RunOutlook } from '@/core/run/simulation/runOutlook'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const MAX_BYTES = 2_000_000
const scaleLabels: Readonly<Record<TemperatureScale, string>> = { C: '°C', F: '°F', K: 'kelvin' }

/** Hourly weather from a CSV or JSON file; a scale in doubt is asked for. */
export function ForecastFile({ editor, outlook }: { editor: RunEditor; outlook: RunOutlook }) {
  const [file, setFile] = useState<{ name: string; text: string } | null>(null)
  const [read, setRead] = useState<ForecastRead | null>(null)
  const [issue, setIssue] = useState<string | null>(null)

  const take = (text: string, name: string, asked: TemperatureScale | null): void => {
    setIssue(null)
    setRead(null)
    try {
      const { input, trip } = outlook
      const found = readForecast(text, name, { ...input, startAt: trip.startAt }, asked)
      setRead(found)
      // A doubtful file is not used until the owner answers.
      if (found.doubt === null) editor.setForecast(found.forecast)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setIssue(error.message)
    }
  }
  const open = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return
    if (chosen.size > MAX_BYTES) {
      setIssue(`${chosen.name} is far more than a year of hours. Is it the right file?`)
      return
    }
    const text = await chosen.text()
    setFile({ name: chosen.name, text })
    take(text, chosen.name, null)
  }
  return (
    <section aria-label="Weather from a file">
      <p className="hint">
        CSV with a heading, or JSON: a column <code>time</code> (2026-12-04 15:00, of the place), one{' '}
        <code>temperature_c</code> or <code>temperature_f</code>, and <code>wind_mph</code>, <code>wind_kmh</code> or{' '}
        <code>wind_ms</code> if there is one.
      </p>
      <Form.Group controlId="forecast-file">
        <Form.Label>{runLabels.fileOfHours}</Form.Label>
        <Form.Control
          type="file"
          size="sm"
          accept=".csv,.json,text/csv,application/json"
          onChange={(event) => void open((event.target as HTMLInputElement).files?.[0])}
        />
      </Form.Group>
      {issue && (
        <p className="issue" role="alert">
          {issue} {sharedLabels.nothingWasChanged}
        </p>
      )}
      {file && read?.doubt && (
        <div className="plate" role="alert">
          <p className="mb-2">{read.doubt}</p>
          <div className="save-line mt-0">
            {temperatureScales.map((scale) => (
              <Button key={scale} variant="quiet" size="sm" onClick={() => take(file.text, file.name, scale)}>
                It is {scaleLabels[scale]}
              </Button>
            ))}
          </div>
        </div>
      )}
      {read && read.doubt === null && (
        <p role="status">
          Read in {scaleLabels[read.scale]}
          {read.filled.length > 0 && `; hours missing ${read.filled.slice(0, 4).join(', ')} are filled straight across`}
          {read.isShort && '; it ends before the trip does, and its last hour holds on'}.
        </p>
      )}
    </section>
  )
}
