import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { makeFinding } from '@/core/findings/makeFinding'
import {
  equipmentEndMonth,
  equipmentFacts,
  equipmentKinds,
  isOfLine,
  type Equipment,
  type EquipmentKind,
} from './equipment'
import { formatMonth } from '@/core/time/months'
import { LOOK_HOLDS_DAYS } from '@/core/cylinders/fitness/cylinderFindings'

const DAY_MS = 86_400_000

/** What can be wrong with a thing, and the codes of it: those of an alarm cannot be accepted. */
const codes = {
  'not-entered': { other: 'equipment-not-entered', alarm: 'alarm-not-entered' },
  'date-unknown': { other: 'equipment-date-unknown', alarm: 'alarm-date-unknown' },
  old: { other: 'equipment-old', alarm: 'alarm-old' },
  bad: { other: 'equipment-bad', alarm: 'alarm-bad' },
  'not-looked-at': { other: 'equipment-not-looked-at', alarm: 'alarm-not-tested' },
} as const satisfies Record<string, Record<'other' | 'alarm', FindingCode<'cylinders'>>>

type Fault = keyof typeof codes

/** What is known otherwise of hoses and regulators; it is not asked for again here. */
export interface AtHookup {
  /** A line is drawn: its hoses and regulators, or that it has none, are judged there. */
  isDrawn: boolean
  /** Things whose dates and looks the parts of the lines have. */
  answered: readonly string[]
  /** Kinds that the owner said the rig has none of. */
  noneNeeded: readonly EquipmentKind[]
}

const nothingDrawn: AtHookup = { isDrawn: false, answered: [], noneNeeded: [] }

const groupOf = (kind: EquipmentKind): 'other' | 'alarm' => (equipmentFacts[kind].isAlarm ? 'alarm' : 'other')

/** Kinds that every rig needs; a missing one is a finding. */
function notEntered(equipment: readonly Equipment[], atHookup: AtHookup): Finding[] {
  const missing = equipmentKinds.filter(
    (kind) =>
      !equipment.some((thing) => thing.kind === kind) &&
      !(atHookup.isDrawn && isOfLine(kind)) &&
      !atHookup.noneNeeded.includes(kind),
  )
  return (['alarm', 'other'] as const).flatMap((group) => {
    const own = missing.filter((kind) => groupOf(kind) === group)
    if (own.length === 0) return []
    const names = own.map((kind) => equipmentFacts[kind].name).join(', ')
    return [
      makeFinding('cylinders', codes['not-entered'][group], {
        text: 'Not entered yet: {names}.',
        parts: { names },
        reason:
          group === 'alarm'
            ? 'Gas and carbon monoxide kill asleep. An alarm in date, tested for this trip, is the only warning.'
            : 'Each has an age and is looked over before a trip; what is not known counts as not ready.',
        reasonParts: null,
      }),
    ]
  })
}

/**
 * Findings about regulators, hoses, alarms and the extinguisher.
 *
 * @param equipment - of the rig
 * @param nowIso - time to judge at, ISO 8601
 * @param untilDay - last day of the trip
 * @param atHookup - what the drawn lines answer
 */
export function equipmentFindings(
  equipment: readonly Equipment[],
  nowIso: string,
  untilDay: string,
  atHookup: AtHookup = nothingDrawn,
): Finding[] {
  return [
    ...notEntered(equipment, atHookup),
    ...equipment
      .filter(({ id }) => !atHookup.answered.includes(id))
      .flatMap((thing) => {
        const { name, kind, lastLook } = thing
        const finding = (fault: Fault, text: string, reason: string, parts: Record<string, string> = {}): Finding =>
          makeFinding('cylinders', codes[fault][groupOf(kind)], {
            text,
            parts: { name, ...parts },
            reason,
            reasonParts: null,
          })
        const found: Finding[] = []
        const end = equipmentEndMonth(thing)
        if (end === null) {
          found.push(
            finding(
              'date-unknown',
              'The age of {name} is unknown.',
              'What is unknown counts as not ready. Its date is printed or stamped on it.',
            ),
          )
        } else if (end < untilDay.slice(0, 7)) {
          found.push(
            finding(
              'old',
              '{name} is past its time: {month}.',
              'Rubber hardens, diaphragms crack and sensors go blind without showing it.',
              { month: formatMonth(end) },
            ),
          )
        }
        if (lastLook !== null && !lastLook.sound) {
          found.push(finding('bad', '{name} was found bad.', lastLook.note ?? 'Repair or replace it, then look again.'))
        } else if (lastLook === null || Date.parse(nowIso) - Date.parse(lastLook.lookedAt) > LOOK_HOLDS_DAYS * DAY_MS) {
          found.push(finding('not-looked-at', 'Look {name} over.', `Look: ${equipmentFacts[kind].look}.`))
        }
        return found
      }),
  ]
}
