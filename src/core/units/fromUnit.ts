import type { Dimension } from '@/core/base/quantity'
import { unitOf } from './unitOf'

/**
 * Converts a number in a unit into SI.
 *
 * @param value - number in the unit
 * @param unitKey - key in the unit table, such as `lb`
 * @returns the SI value
 * @example fromUnit(1, 'mass', 'lb') // 0.45359237
 */
export function fromUnit(value: number, dimension: Dimension, unitKey: string): number {
  const unit = unitOf(dimension, unitKey)
  return value * unit.factor + (unit.offset ?? 0)
}
