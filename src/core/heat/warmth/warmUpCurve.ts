/** A room that loses heat to the outside while a heater burns at settings that change. */
export interface WarmUp {
  lossWPerK: number
  capacityJPerK: number
  startK: number
  outsideK: number
  /** In order of time, the first from 0. */
  settings: readonly { fromS: number; inputW: number }[]
}

/**
 * Temperature of a room against time: C·dT/dt = P − UA·(T − T outside), exactly, setting by setting.
 *
 * @returns K at a time in s
 */
export function warmUpCurve({
  lossWPerK,
  capacityJPerK,
  startK,
  outsideK,
  settings,
}: WarmUp): (timeS: number) => number {
  const timeConstantS = capacityJPerK / lossWPerK
  return (timeS) => {
    let temperatureK = startK
    for (const [i, { fromS, inputW }] of settings.entries()) {
      const untilS = Math.min(timeS, settings[i + 1]?.fromS ?? Infinity)
      if (untilS <= fromS) continue
      const endK = outsideK + inputW / lossWPerK
      temperatureK = endK + (temperatureK - endK) * Math.exp(-(untilS - fromS) / timeConstantS)
    }
    return temperatureK
  }
}
