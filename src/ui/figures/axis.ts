import { scaleLinear } from 'd3-scale'
import type { Quantity } from '@/core/base/quantity'
import { toUnit } from '@/core/units/convert'
import { displayRoles, type UnitSystem } from '@/core/units/displayRoles'

/**
 * Round values for an axis.
 *
 * @param from - lower end of the axis
 * @param to - upper end
 * @param count - about how many ticks
 */
export function axisTicks(from: number, to: number, count = 6): number[] {
  return scaleLinear().domain([from, to]).ticks(count)
}

/**
 * A quantity as a number in the displayed unit, for the axis of a chart.
 *
 * @param quantity - in SI
 */
export function displayedIn({ value, role }: Quantity, system: UnitSystem): number {
  const shown = displayRoles[role]
  return shown.dimension === null ? value * shown[system].scale : toUnit(value, shown.dimension, shown[system].unit)
}
