import type { Finding } from '@/core/findings/Finding'
import { opens } from '@/core/findings/findingFacts'
import { makeFinding } from '@/core/findings/makeFinding'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from './gearContents'
import type { DisplayRole } from '@/core/base/quantity'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'

const OLD_WEIGHING_DAYS = 14
const DAY_MS = 86_400_000

/**
 * Findings about what is in one cylinder.
 *
 * @param cylinder - with its last valid weighing and reading
 * @param nowIso - time to judge at, ISO 8601
 */
export function contentsFindings(cylinder: CylinderGear, nowIso: string): Finding[] {
  const { id, name, lastWeighing, lastLevel } = cylinder
  const contents = gearContents(cylinder)
  const massRole: DisplayRole = kindFacts[cylinder.kind].small ? 'bottleMass' : 'cylinderMass'

  const fixed = kindFacts[cylinder.kind].isFixed
  const wasFilled = Boolean(cylinder.filledUnknownAt)
  const unmeasured = wasFilled || (lastWeighing === null && lastLevel === null)
  if (contents === null) {
    return [
      makeFinding('cylinders', unmeasured ? 'cylinder-not-weighed' : 'weighing-contradicts-stamps', {
        text: wasFilled ? '{name} was filled, and how far is not known.' : 'Weigh {name}: its contents are unknown.',
        parts: { name },
        reason: unmeasured
          ? fixed
            ? 'Its gauge has not been read, and what is unknown counts as not ready.'
            : 'It has not been weighed, and what is unknown counts as not ready.'
          : 'Its last weighing or reading does not fit the stamps as they now stand.',
        reasonParts: null,
        subjectId: id,
        ...(fixed && { fix: opens('Read its gauge', 'cylinders', 'level') }),
      }),
    ]
  }

  const findings: Finding[] = []
  if (contents.overfilled) {
    findings.push(
      makeFinding('cylinders', 'cylinder-overfilled', {
        text: '{name} is overfilled by {over}.',
        parts: { name, over: { value: contents.netKg - contents.limitKg, role: massRole } },
        reason: `Warm liquid needs that room. Do not heat, carry, use or vent it. ${kindFacts[cylinder.kind].whenOverfilled}`,
        reasonParts: null,
        subjectId: id,
      }),
    )
  }
  const measuredAt = [lastWeighing?.weighedAt, lastLevel?.readAt]
    .filter((at) => at !== undefined)
    .toSorted()
    .at(-1)
  const ageMs = measuredAt === undefined ? 0 : Date.parse(nowIso) - Date.parse(measuredAt)
  if (ageMs > OLD_WEIGHING_DAYS * DAY_MS) {
    findings.push(
      makeFinding('cylinders', 'weighing-old', {
        text: fixed ? 'The gauge of {name} was read {ago} ago.' : '{name} was weighed {ago} ago.',
        parts: { name, ago: { value: ageMs / 1000, role: 'days' } },
        reason: 'A small leak or a borrowed evening on the stove does not show until it is measured again.',
        reasonParts: null,
        subjectId: id,
        ...(fixed && { fix: opens('Read it again', 'cylinders', 'level') }),
      }),
    )
  }
  return findings
}
