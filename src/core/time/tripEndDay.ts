const DAY_MS = 86_400_000

/**
 * The day a trip ends.
 *
 * @param startDay - `2026-12-04`
 * @param nights - one or more
 * @returns `2026-12-08` for four; the first day itself when it cannot be read
 */
export function tripEndDay(startDay: string, nights: number): string {
  const start = Date.parse(`${startDay}T00:00:00Z`)
  if (!Number.isFinite(start) || !Number.isFinite(nights)) return startDay
  return new Date(start + nights * DAY_MS).toISOString().slice(0, 10)
}
