import type { CylinderGear } from '@/core/cylinders/cylinderGear'

/**
 * Up to when it is known what a cylinder holds, in milliseconds since 1970: from when it was last weighed or read, for
 * as long after that as it is known to have stayed shut; −∞ when nobody ever weighed or read it.
 */
export function lastToldMs({
  lastWeighing,
  lastLevel,
  shutUntil,
}: Pick<CylinderGear, 'lastWeighing' | 'lastLevel' | 'shutUntil'>): number {
  const told = [lastWeighing?.weighedAt, lastLevel?.readAt].flatMap((at) => (at ? [Date.parse(at)] : []))
  if (told.length === 0) return -Infinity
  return Math.max(...told, ...(shutUntil ? [Date.parse(shutUntil)] : []))
}
