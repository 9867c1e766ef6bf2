import { readActivities } from '@/core/appliances/activities'
import type { Habit } from '@/core/appliances/habit'
import type { InputIssue } from '@/core/base/InputError'
import { waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { saturation } from '@/core/fluids/saturation'
import { type Forecast, isForecastLongEnough } from '@/core/run/weather/forecast'
import { tripLengthS, type ClockChange } from '@/core/time/tripClock'

/** A trip whose fields are each possible, but perhaps not together. */
interface CheckedTrip {
  startISO: string
  nights: number
  lastsS: number | null
  stepS: number
  clockChanges: readonly ClockChange[]
  cylinders: readonly { id: string; massKg: number; waterCapacityKg: number; limitKg?: number | undefined }[]
  sources: readonly { id: string }[]
  appliances: readonly { id: string; habit: Habit }[]
  refills: readonly { cylinderId: string; atS: number }[]
  shoreNights: readonly number[]
  forecast: Forecast
}

const DAY_S = 86_400

const HOUR_S = 3600

/** Nobody stays in a hotter room: somebody opens a window before, or shuts the heater. 140 °F. */
export const HOTTEST_ROOM_K = 333.15

/** Largest number of cylinder steps per request. */
const MAX_STEPS = 400_000

function* stepIssues({ nights, lastsS, stepS, clockChanges, cylinders }: CheckedTrip): Generator<InputIssue> {
  // 7 nights of two cylinders at one-minute steps are 20,000 steps; a year of forty at ten seconds would be 120 million.
  if (((nights * DAY_S) / stepS) * cylinders.length > MAX_STEPS) {
    yield { path: 'stepS', message: 'So long a trip with so many cylinders wants longer steps.' }
  }
  if (DAY_S % stepS !== 0) yield { path: 'stepS', message: 'A day must be a whole number of steps.' }
  if (lastsS !== null && lastsS < stepS) {
    yield { path: 'lastsS', message: `This is shorter than one step of ${stepS} s.` }
  } else if (lastsS !== null && lastsS % stepS !== 0) {
    yield { path: 'lastsS', message: `This must be a whole number of steps of ${stepS} s.` }
  }
  for (const [i, { atS }] of clockChanges.entries()) {
    if (i > 0 && atS <= (clockChanges[i - 1]?.atS ?? 0)) {
      yield { path: `clockChanges.${i}.atS`, message: 'Clock changes must be in order of time.' }
    }
  }
}

function* cylinderIssues({ cylinders, forecast }: CheckedTrip): Generator<InputIssue> {
  const warmestK = forecast.temperatureK.reduce((most, value) => Math.max(most, value), 0)
  const { liquidDensityKgM3 } = saturation('propane', warmestK)
  for (const [i, { massKg, waterCapacityKg, limitKg }] of cylinders.entries()) {
    const fullKg = waterCapacityVolumeM3(waterCapacityKg) * liquidDensityKgM3
    const why = `in the warmest hour the liquid alone would fill it at ${fullKg.toPrecision(3)} kg.`
    if (massKg > fullKg) {
      yield { path: `cylinders.${i}.massKg`, message: `This cylinder cannot hold so much: ${why}` }
    }
    if (limitKg !== undefined && limitKg > fullKg) {
      yield { path: `cylinders.${i}.limitKg`, message: `This cylinder cannot be filled so far: ${why}` }
    }
  }
}

function* doubleIssues(field: string, rows: readonly { id: string }[]): Generator<InputIssue> {
  for (const [i, { id }] of rows.entries()) {
    if (rows.findIndex((row) => row.id === id) < i) {
      yield { path: `${field}.${i}.id`, message: `There are two with the name “${id}”.` }
    }
  }
}

function* planIssues({ nights, clockChanges, cylinders, refills, shoreNights }: CheckedTrip): Generator<InputIssue> {
  const lengthS = tripLengthS(clockChanges, nights)
  for (const [i, { cylinderId, atS }] of refills.entries()) {
    if (!cylinders.some(({ id }) => id === cylinderId)) {
      yield { path: `refills.${i}.cylinderId`, message: 'There is no such cylinder on this trip.' }
    }
    if (atS >= lengthS) yield { path: `refills.${i}.atS`, message: 'The trip is over by then.' }
  }
  for (const [i, night] of shoreNights.entries()) {
    if (night >= nights) yield { path: `shoreNights.${i}`, message: `Nights are counted from 0 to ${nights - 1}.` }
  }
}

function* forecastIssues({ startISO, forecast }: CheckedTrip): Generator<InputIssue> {
  const { fromDay, temperatureK, windMS, spreadK } = forecast
  if (fromDay !== null && fromDay !== startISO.slice(0, 10)) {
    yield {
      path: 'forecast.fromDay',
      message: `The forecast begins on ${fromDay}, the trip on ${startISO.slice(0, 10)}.`,
    }
  }
  for (const [field, column] of Object.entries({ windMS, spreadK })) {
    if (column.length > 0 && column.length !== temperatureK.length) {
      yield {
        path: `forecast.${field}`,
        message: `There are ${column.length} hours here and ${temperatureK.length} temperatures.`,
      }
    }
  }
}

function* habitIssues({ appliances }: CheckedTrip): Generator<InputIssue> {
  for (const [i, { habit }] of appliances.entries()) {
    if (habit.way !== 'acts') continue
    const { unknown } = readActivities(habit.words)
    if (unknown.length === 0) continue
    const words = unknown.map((word) => `“${word}”`).join(', ')
    yield {
      path: `appliances.${i}.habit.words`,
      message: `Not understood: ${words}. Name activities and how often, such as “two coffees, one dinner”.`,
    }
  }
}

/**
 * What cannot be in a trip although each of its fields can: more gas than a cylinder holds, a step longer than the
 * trip, a refill of a cylinder that is not there, a forecast of other days, words that name no activity.
 *
 * @returns a sentence for each, with its path
 */
export function tripRunIssues(trip: CheckedTrip): InputIssue[] {
  return [
    ...stepIssues(trip),
    ...cylinderIssues(trip),
    ...doubleIssues('cylinders', trip.cylinders),
    ...doubleIssues('sources', trip.sources),
    ...doubleIssues('appliances', trip.appliances),
    ...planIssues(trip),
    ...forecastIssues(trip),
    ...habitIssues(trip),
  ]
}

/**
 * What a trip was simulated with although its owner may not know it: hours after the forecast ends, a room that would
 * grow hotter than anybody stays in.
 *
 * @param trip - as it was simulated
 * @param hottestRoomK - of the simulation; null without a room
 * @returns sentences with their path; the simulation goes on
 */
export function tripRunWarnings(
  { forecast, nights, lastsS, clockChanges }: Pick<CheckedTrip, 'forecast' | 'nights' | 'lastsS' | 'clockChanges'>,
  hottestRoomK: number | null,
): InputIssue[] {
  const warnings: InputIssue[] = []
  const tripS = Math.min(tripLengthS(clockChanges, nights), lastsS ?? Infinity)
  if (!isForecastLongEnough(forecast, tripS)) {
    const hours = forecast.temperatureK.length - 1
    const ends = `The forecast ends after ${hours} ${hours === 1 ? 'hour' : 'hours'}; the trip takes ${tripS / HOUR_S}.`
    warnings.push({ path: 'forecast.temperatureK', message: `${ends} Its last hour is used for the rest.` })
  }
  if (hottestRoomK !== null && hottestRoomK >= HOTTEST_ROOM_K) {
    const message = 'What burns would heat this room over 140 °F (60 °C). It is kept at that: check loss and inputs.'
    warnings.push({ path: 'rig', message })
  }
  return warnings
}
