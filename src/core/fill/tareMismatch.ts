import type { Phrase } from '@/core/base/quantity'
import type { DisplayRole } from '@/core/base/quantity'

/** A stamp and a scale that disagree by more than this share are to be asked about; common practice. */
const DISAGREES = 0.02

/**
 * Whether a cylinder known to be empty weighs what its stamp says.
 *
 * @param emptyKg - on the scale, empty, with nothing else hanging there
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
