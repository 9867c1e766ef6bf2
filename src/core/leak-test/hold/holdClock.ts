/**
 * What a hold’s clock shows: minutes and seconds to go, or how long it is over.
 *
 * @param leftS - seconds to go, negative when it is over
 * @example holdClock(180) // '3:00'
 */
export function holdClock(leftS: number): string {
  const seconds = leftS > 0 ? Math.ceil(leftS) : Math.floor(-leftS)
  const text = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
  return leftS > 0 ? text : `+${text}`
}
