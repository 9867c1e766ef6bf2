import type { CylinderGear } from '@/core/cylinders/gear'

/** When somebody last weighed a cylinder or read its gauge, in milliseconds since 1970; −∞ when nobody did. */
export function lastToldMs({ lastWeighing, lastLevel }: Pick<CylinderGear, 'lastWeighing' | 'lastLevel'>): number {
  return Math.max(...[lastWeighing?.weighedAt, lastLevel?.readAt].map((at) => (at ? Date.parse(at) : -Infinity)))
}
