import { z } from '@/core/base/zod'

/**
 * An instant, read with any offset and kept in UTC to the millisecond, so that texts sort as instants do.
 *
 * @example instantField.parse('2026-11-24T12:00:00-07:00') // '2026-11-24T19:00:00.000Z'
 */
export const instantField = z.iso
  .datetime({ offset: true, message: 'A moment is written like 2026-11-24T12:00:00Z.' })
  // It is called for what was refused as well.
  .overwrite((text) => (Number.isFinite(Date.parse(text)) ? new Date(text).toISOString() : text))

/**
 * Order of two instants, however they are written.
 *
 * @param a - ISO 8601 with its offset
 * @param b - the same
 * @returns negative when the first is earlier, 0 for the same instant
 */
export function compareInstants(a: string, b: string): number {
  return Date.parse(a) - Date.parse(b)
}
