import { InputError } from '@/core/base/InputError'
import { elapsedWhenShownS, type TripClock, tripLengthS } from '@/core/time/tripClock'
import { fromUnit } from '@/core/units/convert'
import type { Forecast } from './forecast'
import { readForecastRows, type ForecastRow, type TemperatureScale } from './readForecastRows'

export interface ForecastRead {
  forecast: Forecast
  scale: TemperatureScale
  /** Why the owner is asked for the scale; null when it is clear. */
  doubt: string | null
  /** Missing hours that were interpolated. */
  filled: readonly string[]
  /** The file ends before the trip does. */
  isShort: boolean
}

const HOUR_MS = 3_600_000
/** Longest gap that is interpolated: a front may have passed in a longer one. */
const MAX_HOLE_H = 6
const HOTTEST_K = 333.15
/** Nights above this are rare enough to ask. */
const WARM_NIGHT_K = 308.15

/** Reason to doubt a temperature scale: it gives implausible temperatures. */
function doubtOf(rows: readonly ForecastRow[], scale: TemperatureScale): string | null {
  const temperatures = rows.map(({ temperature }) => temperature)
  const [low, high] = [Math.min(...temperatures), Math.max(...temperatures)]
  if (scale === 'K' && low < 150)
    return `It says kelvin, and its coldest hour would be ${low.toFixed(0)} K. Is it °C or °F?`
  if (
    scale === 'C' &&
    (fromUnit(high, 'temperature', 'C') > HOTTEST_K || fromUnit(low, 'temperature', 'C') > WARM_NIGHT_K)
  ) {
    return `Its coldest hour would be ${low.toFixed(0)} °C, and its warmest ${high.toFixed(0)} °C. Is it °F?`
  }
  if (scale === 'F' && high < 10 && low > -30 && high - low > 2 && high > -20) {
    return `Its warmest hour would be ${high.toFixed(0)} °F. Is it °C?`
  }
  return null
}

/** What an hour of the file is counted from. */
interface ForecastTrip extends TripClock {
  nights: number
  startAt?: string | undefined
}

/** Time of an hour since the trip began: by its instant, or else by the clock of the place. */
function sinceStartMs({ shownMs, instantMs }: ForecastRow, { startISO, clockChanges, startAt }: ForecastTrip): number {
  if (instantMs !== null && startAt !== undefined) return instantMs - Date.parse(startAt)
  const shownS = (shownMs - Date.parse(`${startISO.slice(0, 16)}Z`)) / 1000
  return elapsedWhenShownS(clockChanges, shownS) * 1000
}

/**
 * Reads hourly weather out of a CSV or JSON text.
 *
 * @param text - of the file; see readForecastRows for its columns
 * @param name - of the file
 * @param trip - its clock, its nights, and the instant it starts, for hours that are written with an offset
 * @param asked - scale answered by the owner; from the file when null
 * @throws InputError at `file` with line and field, for holes of more than six hours, or hours that do not reach the trip
 */
export function readForecast(
  text: string,
  name: string,
  trip: ForecastTrip,
  asked: TemperatureScale | null = null,
): ForecastRead {
  const { rows, scale: said } = readForecastRows(text)
  const scale = asked ?? said ?? 'C'
  const doubt =
    asked !== null
      ? null
      : said === null
        ? (doubtOf(rows, 'C') ?? 'The file does not say whether it is °C or °F.')
        : doubtOf(rows, scale)
  const filled: string[] = []
  const sorted = rows.map((row) => ({ ...row, timeMs: sinceStartMs(row, trip) })).sort((a, b) => a.timeMs - b.timeMs)
  const columns: { temperatureK: number[]; windMS: number[]; spreadK: number[] } = {
    temperatureK: [],
    windMS: [],
    spreadK: [],
  }
  const endMs = tripLengthS(trip.clockChanges, trip.nights) * 1000
  const [first, last] = [sorted[0], sorted.at(-1)]
  if (!first || !last || first.timeMs > MAX_HOLE_H * HOUR_MS || last.timeMs < 0) {
    throw new InputError(
      'file',
      `${name}: its hours, ${first?.written ?? 'none'} to ${last?.written ?? 'none'}, do not cover the trip’s beginning.`,
    )
  }
  let at = 0
  for (let timeMs = 0; timeMs <= Math.min(endMs, last.timeMs); timeMs += HOUR_MS) {
    while (at + 1 < sorted.length && (sorted[at + 1]?.timeMs ?? Infinity) <= timeMs) at += 1
    const before = sorted[at] ?? first
    const after = before.timeMs >= timeMs ? before : (sorted[at + 1] ?? before)
    const holeH = (after.timeMs - before.timeMs) / HOUR_MS
    if (holeH > MAX_HOLE_H) {
      throw new InputError(
        'file',
        `${name}: nothing between ${before.written} (line ${before.line}) and ${after.written} (line ${after.line}). A hole of ${holeH.toFixed(0)} hours is not guessed: add the hours, or type the nights.`,
      )
    }
    if (holeH > 1.01 && before.timeMs < timeMs && after.timeMs > timeMs && (timeMs - before.timeMs) % HOUR_MS === 0) {
      filled.push(`after ${before.written}`)
    }
    const share = after.timeMs === before.timeMs ? 0 : (timeMs - before.timeMs) / (after.timeMs - before.timeMs)
    const between = (low: number, high: number): number => low + (high - low) * share
    columns.temperatureK.push(
      between(fromUnit(before.temperature, 'temperature', scale), fromUnit(after.temperature, 'temperature', scale)),
    )
    columns.windMS.push(between(before.windMS ?? 0, after.windMS ?? 0))
  }
  const wrong = columns.temperatureK.findIndex((value) => !(value >= 203.15 && value <= HOTTEST_K))
  // With a doubtful scale the owner is asked first.
  if (wrong !== -1 && doubt === null) {
    throw new InputError(
      'file',
      `${name}: hour ${wrong + 1} of the trip comes to a temperature no place on earth has. Is the unit right?`,
    )
  }
  return {
    forecast: {
      origin: 'file',
      name: name.slice(0, 80),
      fromDay: trip.startISO.slice(0, 10),
      ...columns,
    },
    scale,
    doubt,
    filled: [...new Set(filled)],
    isShort: last.timeMs < endMs - HOUR_MS,
  }
}
