import type { Battery } from './battery'

/** Share of its charge under which a battery is not drawn. */
export function leastShare({ usableShare }: Pick<Battery, 'usableShare'>): number {
  return 1 - usableShare
}
