import { scaleLinear } from 'd3-scale'

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
