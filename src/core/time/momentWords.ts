import { clockHourOf } from './clockHourOf'

const HOUR_S = 3600
const DAY_S = 86_400

/**
 * A moment of a trip in words: which night, and what the clock shows.
 *
 * A night has its number from the hour at which the trip began to the same hour of the next day.
 *
 * @param timeS - since the trip began
 * @param startISO - when that was
 * @param shiftS - by which clocks were put on since
 * @example momentWords(41_400, '2026-12-04T15:00') // 'night 1, 2:30 am'
 */
export function momentWords(timeS: number, startISO: string, shiftS = 0): string {
  const startS = clockHourOf(startISO) * HOUR_S
  const minutes = Math.round((startS + timeS + shiftS) / 60)
  const clock = ((minutes % 1440) + 1440) % 1440
  const night = Math.floor(Math.max(0, timeS) / DAY_S) + 1
  const hour = Math.floor(clock / 60)
  const half = hour < 12 ? 'am' : 'pm'
  return `night ${night}, ${hour % 12 === 0 ? 12 : hour % 12}:${String(clock % 60).padStart(2, '0')} ${half}`
}
