import Papa from 'papaparse'
import { InputError } from '@/core/base/InputError'
import { isDay } from '@/core/time/day'

/** Temperature scales of a file. */
export const temperatureScales = ['C', 'F', 'K'] as const

export type TemperatureScale = (typeof temperatureScales)[number]

/** One hour of a file. */
export interface ForecastRow {
  /** What the clock shows, written as if it were UTC. */
  shownMs: number
  /** The instant, when the file gives an offset. */
  instantMs: number | null
  /** As it is written. */
  written: string
  /** Of the file, from 1. */
  line: number
  /** In the scale of the file. */
  temperature: number
  windMS: number | null
}

/** A little more than the hours of a year. */
const MAX_ROWS = 10_000
const MAX_LETTERS = 2_000_000
const HARDEST_M_S = 60

const windFactor = [
  { sign: /mph/, factor: 0.44704 },
  { sign: /km/, factor: 1 / 3.6 },
  { sign: /kn|kt/, factor: 0.514444 },
  { sign: /./, factor: 1 },
] as const

function scaleOf(header: string): TemperatureScale | null {
  const unit = header.toLowerCase().replace(/^temp(erature)?/, '')
  if (/(^|[^a-z])(°?c|celsius)([^a-z]|$)/.test(unit)) return 'C'
  if (/(^|[^a-z])(°?f|fahrenheit)([^a-z]|$)/.test(unit)) return 'F'
  return /(^|[^a-z])(k|kelvin)([^a-z]|$)/.test(unit) ? 'K' : null
}

const OFFSET = /(Z|[+-]\d\d:?\d\d)$/

function timeOf(written: string, line: number): Pick<ForecastRow, 'shownMs' | 'instantMs'> {
  const text = written.trim().replace(' ', 'T')
  if (!/^\d{4}-\d\d-\d\d(T\d\d(:\d\d){0,2}(\.\d+)?)?(Z|[+-]\d\d:?\d\d)?$/.test(text)) {
    throw new InputError('file', `Line ${line}, time: “${written.slice(0, 40)}” is not like 2026-12-04 15:00.`)
  }
  const isTimed = text.includes('T')
  const [offset = null] = isTimed ? (OFFSET.exec(text) ?? []) : []
  const bare = offset === null ? text : text.slice(0, -offset.length)
  const whole = isTimed ? (/T\d\d$/.test(bare) ? `${bare}:00` : bare) : `${bare}T00:00`
  const shownMs = Date.parse(`${whole}Z`)
  if (!Number.isFinite(shownMs) || !isDay(bare.slice(0, 10))) {
    throw new InputError('file', `Line ${line}, time: there is no moment “${written.slice(0, 40)}”.`)
  }
  // An offset may be written without its colon.
  return { shownMs, instantMs: offset === null ? null : Date.parse(whole + offset.replace(/(\d\d)(\d\d)$/, '$1:$2')) }
}

function numberOf(value: unknown, line: number, field: string): number {
  const text = String(value ?? '')
    .trim()
    .replace(',', '.')
  const number = Number(text)
  if (text === '' || !Number.isFinite(number)) {
    throw new InputError('file', `Line ${line}, ${field}: “${text.slice(0, 40)}” is no number.`)
  }
  return number
}

function records(text: string): readonly Record<string, unknown>[] {
  const trimmed = text.trim()
  if (/^[[{]/.test(trimmed)) {
    let parsed: unknown
    try {
      parsed = JSON.parse(trimmed)
    } catch {
      throw new InputError('file', 'It begins like JSON and is not. Is the file whole?')
    }
    const list = Array.isArray(parsed) ? parsed : (parsed as { hours?: unknown }).hours
    if (!Array.isArray(list)) throw new InputError('file', 'A list of hours is wanted, or an object with “hours”.')
    return list.map((row, i) => {
      if (typeof row !== 'object' || row === null)
        throw new InputError('file', `Hour ${i + 1} is no object with time and temperature.`)
      return row as Record<string, unknown>
    })
  }
  const { data, errors } = Papa.parse<string[]>(trimmed, { skipEmptyLines: true })
  const quotes = errors.find(({ type }) => type === 'Quotes')
  if (quotes) throw new InputError('file', `Line ${(quotes.row ?? 0) + 1}: a quotation mark is not closed.`)
  const [head = [], ...rows] = data
  // With duplicate column names the first counts.
  return rows.map((row) => Object.fromEntries(head.map((name, i) => [name, row[i] ?? ''] as const).toReversed()))
}

/**
 * Hours of a forecast as a file has them: a column `time`, one `temperature` (its unit in the name: `temperature_c`,
 * `temp (°F)`), and one `wind` if there is one (`wind_mph`, `wind_kmh`; m/s when it says nothing).
 *
 * @param text - CSV with a heading line, or JSON: a list of objects, or `{ "hours": [...] }`
 * @throws InputError at `file`, with line and field, for what cannot be read
 */
export function readForecastRows(text: string): { rows: ForecastRow[]; scale: TemperatureScale | null } {
  if (text.trim() === '') throw new InputError('file', 'The file is empty.')
  if (text.length > MAX_LETTERS)
    throw new InputError('file', 'That is far more than a year of hours. Is it the right file?')
  const list = records(text)
  const [first] = list
  if (!first) throw new InputError('file', 'There is a heading and no hour under it.')
  if (list.length > MAX_ROWS)
    throw new InputError('file', `${list.length} hours are more than a year. Is it the right file?`)
  const keys = Object.keys(first).toReversed()
  const column = (pattern: RegExp): string | undefined => keys.find((key) => pattern.test(key.trim().toLowerCase()))
  const time = column(/^(time|date|hour|moment)/)
  const temperature = column(/^temp/)
  const wind = column(/^wind/)
  if (time === undefined)
    throw new InputError('file', `No column is called “time”. There are: ${keys.join(', ').slice(0, 120)}.`)
  if (temperature === undefined) {
    throw new InputError('file', `No column is called “temperature”. There are: ${keys.join(', ').slice(0, 120)}.`)
  }
  const factor = windFactor.find(({ sign }) =>
    sign.test((wind ?? '').toLowerCase().replace(/^wind(speed)?/, '') || 'm'),
  )
  const rows = list.map((row, i): ForecastRow => {
    const line = i + 2
    const written = String(row[time] ?? '')
    const bare = wind === undefined ? '' : String(row[wind] ?? '').trim()
    const windMS = bare === '' ? null : numberOf(bare, line, 'wind') * (factor?.factor ?? 1)
    if (windMS !== null && !(windMS >= 0 && windMS <= HARDEST_M_S)) {
      throw new InputError('file', `Line ${line}, wind: ${bare} is less than calm or beyond any hurricane.`)
    }
    return {
      ...timeOf(written, line),
      written,
      line,
      temperature: numberOf(row[temperature], line, 'temperature'),
      windMS,
    }
  })
  return { rows, scale: scaleOf(temperature) }
}
