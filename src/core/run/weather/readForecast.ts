import { InputError } from '@/core/base/InputError'
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

/**
 * Reads hourly weather out of a CSV or JSON text.
 *
 * @param text - of the file; see readForecastRows for its columns
 * @param name - of the file
 * @param startMs - of the trip, as the same clock counts it
 * @param nights - of the trip
 * @param asked - scale answered by the owner; from the file when null
 * @throws InputError at `file` with line and field, for holes of more than six hours, or hours that do not reach the trip
 */
export function readForecast(
  text: string,
  name: string,
  startMs: number,
  nights: number,
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
  const sorted = [...rows].sort((a, b) => a.timeMs - b.timeMs)
  const columns: { temperatureK: number[]; windMS: number[]; spreadK: number[] } = {
    temperatureK: [],
    windMS: [],
    spreadK: [],
  }
  const endMs = startMs + nights * 24 * HOUR_MS
  const [first, last] = [sorted[0], sorted.at(-1)]
  if (!first || !last || first.timeMs > startMs + MAX_HOLE_H * HOUR_MS || last.timeMs < startMs) {
    throw new InputError(
      'file',
      `${name}: its hours, ${first?.written ?? 'none'} to ${last?.written ?? 'none'}, do not cover the trip’s beginning.`,
    )
  }
  let at = 0
  for (let timeMs = startMs; timeMs <= Math.min(endMs, last.timeMs); timeMs += HOUR_MS) {
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
      fromDay: new Date(startMs).toISOString().slice(0, 10),
      ...columns,
    },
    scale,
    doubt,
    filled: [...new Set(filled)],
    isShort: last.timeMs < endMs - HOUR_MS,
  }
}
