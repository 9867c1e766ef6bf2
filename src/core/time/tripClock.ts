import { format } from 'date-fns'

/**
 * Local hour of a time stamp as written.
 *
 * @param startISO - `2026-12-04T15:00-07:00`
 * @example clockHourOf('2026-12-04T15:30-07:00') // 15.5
 */
export function clockHourOf(startISO: string): number {
  return Number(startISO.slice(11, 13)) + Number(startISO.slice(14, 16)) / 60
}

const HOUR_S = 3600

const DAY_S = 86_400

/** A date that shows this minute of the day, on a day without a clock change. */
function minuteOfDay(minute: number): Date {
  return new Date(2000, 0, 1, 0, minute)
}

/**
 * An hour of the day as a 24-hour clock shows it.
 *
 * @param hour - 0 to 24; 24 shows as 00:00
 * @example formatClock(22.5) // '22:30'
 */
export function formatClock(hour: number): string {
  return format(minuteOfDay(Math.round(hour * 60)), 'HH:mm')
}

/**
 * The hour of the day that a 24-hour clock shows.
 *
 * @param text - `22:30`
 * @returns 22.5; null for a text that is no time
 */
export function parseClock(text: string): number | null {
  const match = /^(\d\d):(\d\d)$/.exec(text)
  return match ? Number(match[1]) + Number(match[2]) / 60 : null
}

/** A change of the clock: when, counted from the start of the trip, and by how much; 3600 for an hour ahead. */
export interface ClockChange {
  atS: number
  shiftS: number
}

/** The clock on the wall during a trip. */
export interface TripClock {
  /** Local start, `2026-12-04T15:00`. */
  startISO: string
  /** In order of time. */
  clockChanges: readonly ClockChange[]
}

/**
 * How far the clock has been set ahead since the start of the trip.
 *
 * @param clockChanges - in order of time
 * @param timeS - since the start
 */
export function clockShiftS(clockChanges: readonly ClockChange[], timeS: number): number {
  let shiftS = 0
  for (const change of clockChanges) if (timeS >= change.atS) shiftS += change.shiftS
  return shiftS
}

/**
 * Clock changes as counted from a later start; those before it are over.
 *
 * @param clockChanges - in order of time
 * @param laterS - how much later; negative for an earlier start
 */
export function changesFrom(clockChanges: readonly ClockChange[], laterS: number): ClockChange[] {
  return clockChanges.filter(({ atS }) => atS > laterS).map(({ atS, shiftS }) => ({ atS: atS - laterS, shiftS }))
}

/**
 * Time since the start of a trip at which the clock first shows a time.
 *
 * @param clockChanges - in order of time
 * @param shownS - what the clock shows, counted from what it showed at the start
 * @returns the moment of the change for a time that the clock skips; the first of two for one that it shows twice
 */
export function elapsedWhenShownS(clockChanges: readonly ClockChange[], shownS: number): number {
  let shiftS = 0
  for (const change of clockChanges) {
    if (shownS - shiftS < change.atS) break
    shiftS += change.shiftS
    if (shownS - shiftS < change.atS) return change.atS
  }
  return shownS - shiftS
}

/**
 * Time from the start of a trip to the same clock time after its last night.
 *
 * @param clockChanges - in order of time
 * @param nights - one or more
 */
export function tripLengthS(clockChanges: readonly ClockChange[], nights: number): number {
  return elapsedWhenShownS(clockChanges, nights * DAY_S)
}

/**
 * Night of a moment of a trip, from 0. Nights are counted from the start hour of the trip, by the clock.
 *
 * @param timeS - since the start of the trip
 */
export function nightOf(clockChanges: readonly ClockChange[], timeS: number): number {
  return Math.max(0, Math.floor((timeS + clockShiftS(clockChanges, timeS)) / DAY_S))
}

/**
 * Night and clock time of a moment of a trip.
 *
 * Nights are counted from the start hour of the trip.
 *
 * @param timeS - since the start of the trip
 * @param clock - of the trip
 * @example formatTripTime(41_400, { startISO: '2026-12-04T15:00', clockChanges: [] }) // 'night 1, 2:30 am'
 */
export function formatTripTime(timeS: number, { startISO, clockChanges }: TripClock): string {
  const startS = clockHourOf(startISO) * HOUR_S
  const minutes = Math.round((startS + timeS + clockShiftS(clockChanges, timeS)) / 60)
  const clock = ((minutes % 1440) + 1440) % 1440
  const night = nightOf(clockChanges, timeS) + 1
  return `night ${night}, ${format(minuteOfDay(clock), 'h:mm aaa')}`
}
