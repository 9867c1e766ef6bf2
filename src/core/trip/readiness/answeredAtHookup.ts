import type { RigGear } from './rigGear'
import { type Equipment, isOfLine } from '@/core/cylinders/equipment/equipment'
import type { AtHookup } from '@/core/cylinders/equipment/equipmentFindings'
import { lineGraphOrNull } from '@/core/hookup/line/lineGraph'
import type { JudgedLine } from './lineFindings'

type AnsweringRig = Pick<RigGear, 'equipment' | 'noneNeeded'> & { lines: readonly Pick<JudgedLine, 'gear'>[] }

/**
 * What the drawn lines answer of hoses and regulators. A thing that no part is linked to is answered where every part
 * of its kind has its own month, and every hose was looked at: Hook-up judges each of them.
 *
 * @param rig - its lines, its equipment, and what the owner said it has none of
 */
export function answeredAtHookup({ lines, equipment, noneNeeded = [] }: AnsweringRig): AtHookup {
  const parts = lines
    .flatMap(({ gear: { line } }) => lineGraphOrNull(line)?.parts ?? [])
    .filter(({ type }) => type.gas !== 'co2')
  const linked = new Set(parts.map(({ part }) => part.equipmentId))
  const isAnswered = ({ id, kind }: Equipment): boolean => {
    if (!isOfLine(kind) || linked.has(id)) return false
    const own = parts.filter(({ type }) => (kind === 'hose' ? type.role === 'hose' : Boolean(type.regulator)))
    return (
      own.length > 0 &&
      own.every(
        ({ part, type }) => part.madeMonth !== undefined && (type.role !== 'hose' || part.condition === 'sound'),
      )
    )
  }
  return { isDrawn: parts.length > 0, answered: equipment.filter(isAnswered).map(({ id }) => id), noneNeeded }
}
