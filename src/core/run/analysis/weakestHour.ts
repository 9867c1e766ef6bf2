import type { NightRibbon, RibbonHour } from './nightRibbons'

/**
 * The hour to look at first: the first that falls short, else the one with the least pressure while something burns.
 *
 * @param ribbons - of one source
 * @returns null where nothing burns
 */
export function weakestHour(ribbons: readonly NightRibbon[]): RibbonHour | null {
  const hours = ribbons.flatMap((ribbon) => ribbon.hours)
  const short = hours.find(({ state }) => state === 'short')
  if (short) return short
  return hours
    .filter(({ state }) => state !== 'nothing')
    .reduce<RibbonHour | null>((least, hour) => (least === null || hour.gaugePa < least.gaugePa ? hour : least), null)
}
