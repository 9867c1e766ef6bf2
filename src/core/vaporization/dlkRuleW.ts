import { InputError } from '@/core/base/InputError'
import { fromUnit } from '@/core/units/fromUnit'
import { toUnit } from '@/core/units/toUnit'

/** K by the share that a lying tank is full: a multiplier for BTU/h and inches. */
const K_BY_SHARE: readonly (readonly [share: number, k: number])[] = [
  [0.6, 100],
  [0.5, 90],
  [0.4, 80],
  [0.3, 70],
  [0.2, 60],
  [0.1, 45],
]
/** The rule gives nothing at this and as much as its K at 0 °F. */
const ENDS_F = -20

function kOf(share: number): number {
  const after = K_BY_SHARE.findIndex(([at]) => at <= share)
  if (after === -1) return K_BY_SHARE.at(-1)?.[1] ?? 0
  const lower = K_BY_SHARE[after]
  const upper = K_BY_SHARE[after - 1]
  if (!lower) return 0
  if (!upper) return lower[1]
  return lower[1] + ((upper[1] - lower[1]) * (share - lower[0])) / (upper[0] - lower[0])
}

/**
 * What a lying tank gives by the suppliers’ rule: diameter × length × K at 0 °F, times (t + 20)/20.
 *
 * It says how far a tank may be drawn down to an air of −20 °F; a cylinder drawn to no pressure at all goes on to
 * about −45 °F, so near and below −20 °F the two part.
 *
 * @param diameterM - outside
 * @param lengthM - over all
 * @param share - of the inside that is liquid, 0.1 to 0.6; beyond, the nearest
 * @param airK - air
 * @returns W of heat input; nothing at −20 °F and below
 * @throws InputError for a tank without size
 * @see suppliers’ handbooks, “rule of thumb for vaporization” [from memory]
 */
export function dlkRuleW(diameterM: number, lengthM: number, share: number, airK: number): number {
  if (!(diameterM > 0)) throw new InputError('diameterM', 'The diameter is more than nothing.')
  if (!(lengthM > 0)) throw new InputError('lengthM', 'The length is more than nothing.')
  const inches = toUnit(diameterM, 'length', 'in') * toUnit(lengthM, 'length', 'in')
  const warm = Math.max(0, (toUnit(airK, 'temperature', 'F') - ENDS_F) / -ENDS_F)
  return fromUnit(inches * kOf(share) * warm, 'power', 'btuh')
}
