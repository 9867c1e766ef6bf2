import { roleTraits } from '@/core/hookup/catalogue/partRoles'
import { formatMonth, addMonths } from '@/core/time/months'
import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { makeFinding } from '@/core/findings/makeFinding'
import { changeoverSide, type GraphPart } from '@/core/hookup/line/lineGraph'
import type { LineCase } from './lineCase'

type Tell = (code: FindingCode<'hookup'>, text: string, reason: string, parts?: Record<string, string>) => Finding

function age({ part, type }: GraphPart, untilMonth: string, tell: Tell): Finding[] {
  // Parts linked to an equipment entry are judged there.
  if (!type.oldMonths || part.equipmentId) return []
  if (!part.madeMonth) {
    return [
      tell(
        'part-age-unknown',
        'The age of {part} is unknown.',
        'What is unknown counts as not ready. Its date is printed or pressed into it.',
      ),
    ]
  }
  const end = addMonths(part.madeMonth, type.oldMonths)
  if (end >= untilMonth) return []
  return [
    tell(
      'part-old',
      '{part} is past its time: {month}.',
      'Rubber hardens and diaphragms crack without showing it. An old one kept as a spare has its age too.',
      {
        month: formatMonth(end),
      },
    ),
  ]
}

function condition({ part, type }: GraphPart, tell: Tell): Finding[] {
  if (type.role !== 'hose' && type.material !== 'rubber') return []
  if (part.condition === 'bad') {
    return [
      tell('hose-bad', '{part} is stiff, cracked, chafed or kinked.', 'It is replaced before gas comes to it again.'),
    ]
  }
  // A hose with dates of its own is looked over there.
  if (part.condition === 'sound' || part.equipmentId) return []
  return [
    tell(
      'hose-not-looked-at',
      'Nobody looked at {part}.',
      'What is unknown counts as not ready: bend it, and look for cracks, stiffness, chafing and kinks.',
    ),
  ]
}

function vent({ part, type }: GraphPart, tell: Tell): Finding[] {
  if (!type.regulator || type.gas !== 'propane' || part.ventDown === 'yes') return []
  return part.ventDown === 'no'
    ? [
        tell(
          'vent-not-down',
          'The vent of {part} does not point down, or is not covered.',
          'Rain and road spray go in and freeze: then the regulator can no longer hold back the cylinder’s pressure.',
        ),
      ]
    : [
        tell(
          'vent-not-known',
          'Does the vent of {part} point down, covered?',
          'What is unknown counts as not ready: look at it.',
        ),
      ]
}

function cover({ part, type }: GraphPart, tell: Tell): Finding[] {
  if (!type.regulator || part.cover !== 'altered') return []
  return [
    tell(
      'regulator-altered',
      'The cover or the screw cap of {part} was altered or is missing.',
      'Somebody may have turned its screw: what it holds is not known. It is replaced, never set by its owner.',
    ),
  ]
}

function closedBay(one: GraphPart, tell: Tell): Finding[] {
  const isHose = one.type.material === 'rubber'
  if (!isHose || one.part.place !== 'bay') return []
  return [
    tell(
      'hose-joint-closed-bay',
      '{part} is joined in a closed bay.',
      'A leak there is neither smelled nor aired. Hose joints belong in the open, or in a locker vented outside.',
    ),
  ]
}

function road({ part, type }: GraphPart, tell: Tell): Finding[] {
  if (part.place !== 'road') return []
  const { supported = 'not-known' } = part
  if (type.material === 'soft' && supported === 'no') {
    return [
      tell(
        'soft-brass-road',
        '{part} is soft and lies in the road’s reach.',
        'A stone opens it. Lead it higher, or shield it, or use steel there.',
      ),
    ]
  }
  if (!roleTraits[type.role].isRun) return []
  return supported === 'yes'
    ? []
    : [
        tell(
          'line-not-supported',
          supported === 'no' ? '{part} is not clipped and sleeved.' : 'Is {part} clipped, sleeved and sealed?',
          'Cushioned clamps, a sleeve sealed where it passes the floor, slack at the ends, out of the road’s reach.',
        ),
      ]
}

function settings(one: GraphPart, tell: Tell): Finding[] {
  const found: Finding[] = []
  if (one.part.setting === 'between') {
    found.push(
      tell(
        'valve-between',
        '{part} is neither open nor shut.',
        'A valve is fully open or fully shut: between, its stem leaks and the flow is anybody’s guess.',
      ),
    )
  }
  if (one.type.role === 'changeover' && changeoverSide(one) === 'both') {
    found.push(
      tell(
        'changeover-both',
        '{part} is at both: the cylinders run out together.',
        'Twice the boiling surface in the cold, and no reserve. Others keep to one side always, so that the other is the reserve.',
      ),
    )
  }
  return found
}

/**
 * Findings about the parts: age, condition, vent, place and setting.
 *
 * @param lineCase - the line to check
 */
export function partFindings({ lineId, graph, untilMonth }: LineCase): Finding[] {
  return graph.sortFindings.flatMap((one) => {
    const tell: Tell = (code, text, reason, parts = {}) =>
      makeFinding('hookup', code, {
        subjectId: lineId,
        text,
        reason,
        parts: { part: one.name, ...parts },
        about: one.part.id,
      })
    return [
      ...age(one, untilMonth, tell),
      ...condition(one, tell),
      ...vent(one, tell),
      ...cover(one, tell),
      ...closedBay(one, tell),
      ...road(one, tell),
      ...settings(one, tell),
    ]
  })
}
