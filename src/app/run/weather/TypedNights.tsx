'use client'

import Button from 'react-bootstrap/Button'
import type { RunEditor } from '@/app/run/useRunEditor'
import { InputError } from '@/core/base/InputError'
import { nightsOfForecast } from '@/core/run/weather/weatherBand'
import type { RunOutlook } from '@/core/run/simulation/runOutlook'
import { typedForecast, type TypedNight } from '@/core/run/weather/typedForecast'
import { Measure } from '@/ui/fields/Measure'
import { useSessionState } from '@/ui/state/useSessionState'

/** Each night's low, its day's high and the wind; a longer trip repeats the last. */
const MAX_ROWS = 14

/** The highest and lowest of each day, typed. */
export function TypedNights({ editor, outlook }: { editor: RunEditor; outlook: RunOutlook }) {
  const { input, trip } = outlook
  const count = Math.min(MAX_ROWS, trip.nights)
  const [rows, setRows] = useSessionState<readonly TypedNight[] | null>(`typed nights ${trip.id} ${trip.nights}`, null)
  const nights = rows ?? nightsOfForecast(input.forecast, count)
  let issue: InputError | null = null
  const forecastOf = (of: readonly TypedNight[]) => {
    const last = of.at(-1)
    const all = last ? Array.from({ length: trip.nights }, (_, i) => of[i] ?? last) : of
    return typedForecast(all, editor.draft.settings.startH)
  }
  try {
    forecastOf(nights)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    issue = error
  }
  const set = (i: number, change: Partial<TypedNight>): void => {
    const next = nights.map((night, j) => (j === i ? { ...night, ...change } : night))
    setRows(next)
    try {
      editor.setForecast(forecastOf(next), 'typed nights')
    } catch (error) {
      // An impossible value is reported at its field, and the last valid one stays in use.
      if (!(error instanceof InputError)) throw error
    }
  }
  return (
    <section aria-label="Nights, typed">
      <ol className="typed-nights">
        {nights.map(({ lowK, highK, windMS }, i) => (
          <li key={i}>
            <b>night {i + 1}</b>
            <div className="fields narrow">
              <Measure
                label={`Night ${i + 1}: lowest`}
                role="temperature"
                value={lowK}
                issue={issue?.issues.find(({ path }) => path === `nights.${i}.lowK`)?.message ?? null}
                set={(value) => set(i, { lowK: value })}
              />
              <Measure
                label={`Night ${i + 1}: day’s highest`}
                role="temperature"
                value={highK}
                set={(value) => set(i, { highK: value })}
              />
              <Measure
                label={`Night ${i + 1}: wind`}
                role="windSpeed"
                mayBeZero
                value={windMS}
                issue={windMS > 60 ? 'That is beyond any hurricane.' : null}
                set={(value) => set(i, { windMS: value })}
              />
            </div>
          </li>
        ))}
      </ol>
      {trip.nights > MAX_ROWS && <p className="hint">The nights after these are as the last.</p>}
      <Button variant="quiet" size="sm" onClick={() => editor.setForecast(forecastOf(nights), 'typed nights')}>
        Use these numbers
      </Button>
    </section>
  )
}
