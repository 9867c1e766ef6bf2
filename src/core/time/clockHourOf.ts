/**
 * Hour of the clock in a moment as it is written, where it is written.
 *
 * @param startISO - `2026-12-04T15:00-07:00`
 * @example clockHourOf('2026-12-04T15:30-07:00') // 15.5
 */
export function clockHourOf(startISO: string): number {
  return Number(startISO.slice(11, 13)) + Number(startISO.slice(14, 16)) / 60
}
