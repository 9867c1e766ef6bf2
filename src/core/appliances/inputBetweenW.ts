import type { Stretch } from './clockStretches'

const DAY_S = 86_400

/**
 * Mean input over a piece of the clock.
 *
 * @param stretches - of the day
 * @param clockS - at its beginning, 0 to 86,400
 * @param stepS - its length
 */
export function inputBetweenW(stretches: readonly Stretch[], clockS: number, stepS: number): number {
  if (stretches.length === 0) return 0
  let joules = 0
  for (const { fromS, toS, inputW } of stretches) {
    const today = Math.min(toS, clockS + stepS) - Math.max(fromS, clockS)
    const tomorrow = Math.min(toS, clockS + stepS - DAY_S) - fromS
    joules += inputW * (Math.max(0, today) + Math.max(0, tomorrow))
  }
  return joules / stepS
}
