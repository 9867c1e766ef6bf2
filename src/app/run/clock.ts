/** An hour of the day as a clock shows it, `22:30` for 22.5. */
export function clockText(hour: number): string {
  const minutes = Math.round(hour * 60) % 1440
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
}

/** Hours of a clock’s text; null while it is not whole. */
export function readClock(text: string): number | null {
  const match = /^(\d\d):(\d\d)$/.exec(text)
  return match ? Number(match[1]) + Number(match[2]) / 60 : null
}
