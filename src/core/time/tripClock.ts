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

const DAY_MS = 86_400_000

/**
 * The day a trip ends.
 *
 * @param startDay - `2026-12-04`
 * @param nights - one or more
 * @returns `2026-12-08` for four nights; `startDay` itself when it is invalid
 */
export function tripEndDay(startDay: string, nights: number): string {
  const start = Date.parse(`${startDay}T00:00:00Z`)
  if (!Number.isFinite(start) || !Number.isFinite(nights)) return startDay
  return new Date(start + nights * DAY_MS).toISOString().slice(0, 10)
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

/**
 * Night and clock time of a moment of a trip.
 *
 * Nights are counted from the start hour of the trip.
 *
 * @param timeS - since the start of the trip
 * @param startISO - start of the trip
 * @param shiftS - clock shift since then
 * @example formatTripTime(41_400, '2026-12-04T15:00') // 'night 1, 2:30 am'
 */
export function formatTripTime(timeS: number, startISO: string, shiftS = 0): string {
  const startS = clockHourOf(startISO) * HOUR_S
  const minutes = Math.round((startS + timeS + shiftS) / 60)
  const clock = ((minutes % 1440) + 1440) % 1440
  const night = Math.floor(Math.max(0, timeS) / DAY_S) + 1
  return `night ${night}, ${format(minuteOfDay(clock), 'h:mm aaa')}`
}
