import type { GlassClass, ShellClass } from '@/core/heat/room/room'

export interface ShellFacts {
  name: string
  /** Loss through a square metre, air to air. */
  lossWPerM2K: number
  /** Heat its inner layers take up with the air. */
  capacityJPerM2K: number
  /** Changes of air in an hour with everything shut. */
  leakagePerH: number
}

/** Rough classes. [common practice] A warm-up log of the rig itself is worth more than any of them. */
export const shellFacts: Readonly<Record<ShellClass, ShellFacts>> = {
  canvas: { name: 'canvas', lossWPerM2K: 6, capacityJPerM2K: 1500, leakagePerH: 4 },
  bare: { name: 'bare metal or glass fibre', lossWPerM2K: 5, capacityJPerM2K: 8000, leakagePerH: 1.5 },
  lined: { name: 'lined, hardly insulated', lossWPerM2K: 2.5, capacityJPerM2K: 9000, leakagePerH: 1 },
  insulated: { name: 'insulated, 1 to 2 in', lossWPerM2K: 1.2, capacityJPerM2K: 9000, leakagePerH: 0.6 },
  'well-insulated': { name: 'well insulated, over 2 in', lossWPerM2K: 0.7, capacityJPerM2K: 9000, leakagePerH: 0.4 },
}

/** Loss through glass, air to air. [common practice] */
export const glassFacts: Readonly<Record<GlassClass, { name: string; lossWPerM2K: number }>> = {
  single: { name: 'single panes', lossWPerM2K: 5.7 },
  covered: { name: 'single, covered at night', lossWPerM2K: 3 },
  double: { name: 'double panes', lossWPerM2K: 2.8 },
  'double-covered': { name: 'double, covered at night', lossWPerM2K: 1.9 },
}
