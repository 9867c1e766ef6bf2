import { gearContents } from '@/core/cylinders/contents/gearContents'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { fitToUse, type FitnessTopic } from './vesselFitness'

/** Why the gas in a cylinder may not be used, in a few words. */
const inWords = {
  leak: 'leaking at the vessel',
  refilled: 'refilled and may not be carried',
  condition: 'out of service',
  contents: 'overfilled',
} as const satisfies Partial<Record<FitnessTopic, string>>

export type UnusableReason = (typeof inWords)[keyof typeof inWords]

function isBar(about: FitnessTopic): about is keyof typeof inWords {
  return about in inWords
}

/**
 * Why a cylinder may not be used on a trip.
 *
 * @returns null when it may be used
 */
export function unusableReason(cylinder: CylinderGear): UnusableReason | null {
  const [worst] = fitToUse(cylinder).reasons
  return worst?.answer === 'no' && isBar(worst.about) ? inWords[worst.about] : null
}

/**
 * Usable gas in a cylinder.
 *
 * @returns kg; null when unknown or when the cylinder may not be used
 */
export function usableGasKg(cylinder: CylinderGear): number | null {
  return unusableReason(cylinder) === null ? (gearContents(cylinder)?.netKg ?? null) : null
}
