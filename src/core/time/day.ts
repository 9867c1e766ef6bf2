import { z } from '@/core/base/zod'

/** Whether a text is a day of the calendar, such as `2026-12-04`; 30 February is none. */
export function isDay(text: string): boolean {
  const ms = Date.parse(`${text}T00:00Z`)
  return Number.isFinite(ms) && new Date(ms).toISOString().slice(0, 10) === text
}

/**
 * A day of the calendar, without a time zone.
 *
 * @param howTo - said of a text that is not written like a day
 */
export function dayField(howTo = 'A day is written like 2026-12-04.'): z.ZodString {
  return z
    .string()
    .regex(/^\d{4}-\d\d-\d\d$/, howTo)
    .refine(isDay, 'There is no such day.')
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
