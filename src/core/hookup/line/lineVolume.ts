import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import type { LineGraph } from './lineGraph'
import type { PartZones } from './lineZones'

/** Volume of a fitting, valve body or burner tube. [estimate] */
const OTHER_PART_M3 = 10e-6

/** Side of the line that a gauge watches. */
export type LineSide = 'low' | 'cylinder'

/**
 * Inside volume of the line on one side of its regulators.
 *
 * @param graph - of the line
 * @param zones - from lineZones
 * @param side - after the last regulator, or at cylinder pressure
 * @returns m³; 0 when no part is on that side
 */
export function lineVolumeM3(graph: LineGraph, zones: ReadonlyMap<string, PartZones>, side: LineSide): number {
  const wanted = side === 'low' ? ['low', 'co2-low', 'intermediate'] : ['cylinder', 'co2-cylinder']
  return graph.parts
    .filter(({ part, type }) => {
      const zone = zones.get(part.id)?.outlet
      return zone && wanted.includes(zone) && roleTraits[type.role].countsAsVolume
    })
    .reduce(
      (sum, { boreM, lengthM }) =>
        sum + (boreM > 0 && lengthM > 0 ? (Math.PI / 4) * boreM ** 2 * lengthM : OTHER_PART_M3),
      0,
    )
}
