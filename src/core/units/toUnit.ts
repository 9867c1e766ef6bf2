import type { Dimension } from '@/core/base/quantity'
import { unitOf } from './unitOf'

/**
 * Converts from SI into a unit.
 *
 * @param valueSi - SI value
 * @param unitKey - key in the unit table, such as `lb`
 * @returns the number in that unit
 * @example toUnit(0.45359237, 'mass', 'lb') // 1
 */
export function toUnit(valueSi: number, dimension: Dimension, unitKey: string): number {
  const unit = unitOf(dimension, unitKey)
  return (valueSi - (unit.offset ?? 0)) / unit.factor
}
