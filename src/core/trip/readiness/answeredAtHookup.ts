import type { Equipment } from '@/core/cylinders/equipment/equipment'
import type { AtHookup } from '@/core/cylinders/equipment/equipmentFindings'
import { lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import type { JudgedLine } from './lineFindings'

/**
 * What the drawn lines answer of hoses and regulators. A thing that no part is linked to is answered where every part
 * of its kind has its own month, and every hose was looked at: Hook-up judges each of them.
 *
 * @param lines - of the rig
 * @param equipment - of the rig
 */
export function answeredAtHookup(
  lines: readonly Pick<JudgedLine, 'gear'>[],
  equipment: readonly Equipment[],
): AtHookup {
  const parts = lines
    .flatMap(({ gear: { line } }) => lineGraphOrNull(line)?.parts ?? [])
    .filter(({ type }) => type.gas !== 'co2')
  const linked = new Set(parts.map(({ part }) => part.equipmentId))
  const isAnswered = ({ id, kind }: Equipment): boolean => {
    if ((kind !== 'hose' && kind !== 'regulator') || linked.has(id)) return false
    const own = parts.filter(({ type }) => (kind === 'hose' ? type.role === 'hose' : Boolean(type.regulator)))
    return (
      own.length > 0 &&
      own.every(
        ({ part, type }) => part.madeMonth !== undefined && (type.role !== 'hose' || part.condition === 'sound'),
      )
    )
  }
  return { isDrawn: parts.length > 0, answered: equipment.filter(isAnswered).map(({ id }) => id) }
}
