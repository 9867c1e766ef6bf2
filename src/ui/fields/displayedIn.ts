import type { Quantity } from '@/core/base/quantity'
import { displayRoles, type UnitSystem } from '@/core/units/displayRoles'
import { toUnit } from '@/core/units/convert'

/**
 * A quantity as a bare number of the unit its role is shown in, for the axis of a chart.
 *
 * @param quantity - in SI
 */
export function displayedIn({ value, role }: Quantity, system: UnitSystem): number {
  const shown = displayRoles[role]
  return shown.dimension === null ? value * shown[system].scale : toUnit(value, shown.dimension, shown[system].unit)
}
