import { contentsFindings } from '@/core/cylinders/contents/contentsFindings'
import type { DisplayRole } from '@/core/base/quantity'
import { type CylinderGear, isRefilledAgainstItsKind, isTareKnown, tareRangeKg } from '@/core/cylinders/cylinderGear'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { evaluateInspection } from '@/core/cylinders/inspection/inspectionItems'
import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { makeFinding } from '@/core/findings/makeFinding'
import { formatMonth } from '@/core/time/months'

/** A look-over holds for a trip, not for a season. */
export const LOOK_HOLDS_DAYS = 30

const DAY_MS = 86_400_000

interface Draft {
  code: FindingCode<'cylinders'>
  text: string
  why: string
  month?: string
}

function dateDraft(cylinder: CylinderGear, onDay: string, untilDay: string): Draft | null {
  const { status, dueMonth } = gearRequalification(cylinder, onDay, untilDay)
  const month = formatMonth(dueMonth ?? '')
  switch (status) {
    case 'overdue':
      return {
        code: 'date-overdue',
        text: '{name} could be filled through {month}, and no longer.',
        why: 'By the rule “{rule}”. What is in it may be used up; it is not filled before a requalifier has marked it.',
        month,
      }
    case 'due-in-trip':
      return {
        code: 'date-due-in-trip',
        text: '{name} runs out of date on the trip: good through {month}.',
        why: 'By the rule “{rule}”. After that no station on the way should fill it.',
        month,
      }
    case 'unknown':
      return {
        code: 'date-unknown',
        text: 'Requalification date of {name} not entered.',
        why: 'Neither a month of manufacture nor a mark is entered, and what is unknown counts as not ready.',
      }
    default:
      return null
  }
}

function inspectionDraft(cylinder: CylinderGear, nowIso: string): Draft | null {
  const { lastLook, retiredBy } = cylinder.fitness
  if (retiredBy !== null) {
    const found = evaluateInspection(cylinder.kind, retiredBy.answers).disqualifying.map(({ title }) =>
      title.toLowerCase(),
    )
    return {
      code: 'cylinder-retired',
      text: '{name} is out of service.',
      why: `Not so at the last look: ${found.join('; ')}. It is neither used nor filled until a licensed inspector has cleared it.`,
    }
  }
  if (lastLook === null || Date.parse(nowIso) - Date.parse(lastLook.lookedAt) > LOOK_HOLDS_DAYS * DAY_MS) {
    return {
      code: lastLook === null ? 'never-looked-over' : 'look-over-old',
      text: lastLook === null ? '{name} has not been looked over.' : 'Look {name} over again.',
      why: 'Dents, rust, a stiff valve or a missing seal show only to somebody who looks. Before each trip.',
    }
  }
  const { toRepair, missing } = evaluateInspection(cylinder.kind, lastLook.answers)
  if (toRepair.length > 0) {
    return {
      code: 'look-over-found',
      text: '{name} is to be mended.',
      why: `Not so at the last look: ${toRepair.map(({ title }) => title.toLowerCase()).join('; ')}.`,
    }
  }
  if (missing.length > 0) {
    return {
      code: 'look-over-unfinished',
      text: 'The look-over of {name} is not finished.',
      why: `Not looked at: ${missing.map(({ title }) => title.toLowerCase()).join('; ')}.`,
    }
  }
  return null
}

/**
 * Findings about a cylinder's dates and condition.
 *
 * @param cylinder - with its stamps, marks and look-overs
 * @param nowIso - time to judge at, ISO 8601
 * @param untilDay - last day of the trip, `2026-12-08`
 */
export function conditionFindings(cylinder: CylinderGear, nowIso: string, untilDay: string): Finding[] {
  const { id, name, kind, fitness } = cylinder
  const found: Finding[] = []
  const partsOf = (month = '') => ({ name, month, rule: fitness.rule.name })
  if (isRefilledAgainstItsKind(cylinder)) {
    found.push(
      makeFinding('fill', 'refilled-non-refillable', {
        text: '{name} was refilled and is not made for it.',
        reason:
          'Carrying one on a US road is an offense: up to $500,000 and five years. Its valve may not close again. Leave it at home.',
        parts: partsOf(),
        subjectId: id,
      }),
    )
  }
  const { vesselLeak, heavier } = fitness
  if (vesselLeak) {
    found.push(
      makeFinding('cylinders', 'vessel-leaks', {
        text: '{name} leaks at {place}.',
        reason:
          'Its valve cannot stop this. Everyone out and upwind, no flame, engine or tool within 50 ft (15 m), do not drive; call the supplier. Foam, hiss, frost or a strong smell: 330 ft (100 m) away and call 911.',
        parts: { name, place: vesselLeak.place },
        reasonParts: null,
        subjectId: id,
      }),
    )
  }
  if (heavier && fitness.refilledAt === null) {
    found.push(
      makeFinding('cylinders', 'bottle-heavier', {
        text: '{name} weighs {more} more than it did before.',
        reason:
          'It is not made to be refilled. If it was refilled, mark it and keep it at home; if a weighing was wrong, strike that one out.',
        parts: { name, more: { value: heavier.byKg, role: 'bottleMass' } },
        reasonParts: null,
        subjectId: id,
      }),
    )
  }
  if (!isTareKnown(cylinder) && kindFacts[kind].isRefillable) {
    const role: DisplayRole = kindFacts[kind].small ? 'bottleMass' : 'cylinderMass'
    const [lightKg, heavyKg] = tareRangeKg(cylinder)
    found.push(
      makeFinding('cylinders', 'tare-not-read', {
        text: 'Nobody read the tare of {name}: {light} to {heavy}.',
        reason:
          'Read TW on its collar. Until then its contents count the heavy end, and there is no weight to stop a fill at.',
        parts: {
          name,
          light: { value: lightKg, role, rounded: 'down' },
          heavy: { value: heavyKg, role, rounded: 'up' },
        },
        reasonParts: null,
        subjectId: id,
      }),
    )
  }
  const drafts = [inspectionDraft(cylinder, nowIso), dateDraft(cylinder, nowIso.slice(0, 10), untilDay)]
  for (const draft of drafts) {
    if (!draft) continue
    const { code, text, why, month } = draft
    found.push(makeFinding('cylinders', code, { text, reason: why, parts: partsOf(month), subjectId: id }))
  }
  return found
}

/**
 * Findings about one cylinder: its contents, its dates and its condition.
 *
 * @param cylinder - as the records have it
 * @param nowIso - time to judge at, ISO 8601
 * @param untilDay - last day of the trip; the day itself by default
 */
export function cylinderFindings(
  cylinder: CylinderGear,
  nowIso: string,
  untilDay: string = nowIso.slice(0, 10),
): Finding[] {
  return [...contentsFindings(cylinder, nowIso), ...conditionFindings(cylinder, nowIso, untilDay)]
}
