import type { Dimension } from '@/core/base/quantity'
import { unitTable, type Unit } from './unitTable'

/**
 * Looks a unit up by its key in the table.
 *
 * @param unitKey - key in the unit table, such as `lb`
 * @throws RangeError for a key the table does not have: a fault of the program, not of the owner
 */
export function unitOf(dimension: Dimension, unitKey: string): Unit {
  const unit = unitTable[dimension].units[unitKey]
  if (!unit) throw new RangeError(`No unit ${unitKey} in ${dimension}`)
  return unit
}
