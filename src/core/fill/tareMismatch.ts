import type { Phrase } from '@/core/base/quantity'
import type { DisplayRole } from '@/core/base/quantity'

/** Relative difference of stamp and scale above which the owner is asked. [common practice] */
const DISAGREES = 0.02

/**
 * Compares the weight of a known-empty cylinder with its stamp.
 *
 * @param emptyKg - empty on the scale, without attachments
 * @param tareKg - TW stamp
 * @param role - how its weights are shown
 * @returns null when they agree within 2 %
 */
export function tareMismatch(emptyKg: number, tareKg: number, role: DisplayRole): Phrase | null {
  const share = (emptyKg - tareKg) / tareKg
  if (Math.abs(share) <= DISAGREES) return null
  const parts = {
    off: { value: Math.abs(emptyKg - tareKg), role },
    share: { value: Math.abs(share), role: 'share' as const },
  }
  return share > 0
    ? {
        text: 'It weighs {off} more than its stamp, {share}: gas left in it, water, an adapter still on, or a wrong stamp.',
        parts,
      }
    : {
        text: 'It weighs {off} less than its stamp, {share}: another valve, rust gone, or the scale’s zero. Ask before you fill.',
        parts,
      }
}
