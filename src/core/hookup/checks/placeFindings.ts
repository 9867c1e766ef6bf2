import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import type { GraphPart } from '@/core/hookup/line/lineGraph'
import type { LineCase } from './lineCase'

/** Whether a leak of a part depends on where it stands: it holds gas at cylinder pressure. */
function isAtCylinderPressure({ zones }: Pick<LineCase, 'zones'>, { part, type }: GraphPart): boolean {
  const zone = zones.get(part.id)?.inlet
  return roleTraits[type.role].isSource || zone === 'cylinder' || zone === 'co2-cylinder'
}

/**
 * Parts at cylinder pressure of which nobody entered where they stand; none of them counts as outside.
 *
 * @param lineCase - the line to check
 */
export function partsWithoutPlace(lineCase: Pick<LineCase, 'graph' | 'zones'>): GraphPart[] {
  return lineCase.graph.parts.filter((part) => part.part.place === 'not-known' && isAtCylinderPressure(lineCase, part))
}

/** One finding for all parts of a line whose place is not known. */
export function placeFindings(lineCase: LineCase): Finding[] {
  const [first, ...others] = partsWithoutPlace(lineCase)
  if (!first) return []
  return [
    makeFinding('hookup', 'place-not-known', {
      subjectId: lineCase.lineId,
      text:
        others.length === 0
          ? 'Where {part} stands is not entered.'
          : 'Where {part} and {count} more parts at cylinder pressure stand is not entered.',
      reason:
        'A leak at cylinder pressure fills a room in minutes. Say for each whether it is outside, in a vented locker, or inside.',
      parts: { part: first.name, count: { value: others.length, role: 'count' } },
      about: first.part.id,
    }),
  ]
}
