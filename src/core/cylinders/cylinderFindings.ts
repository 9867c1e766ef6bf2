import type { Finding } from '@/core/findings/Finding'
import type { DisplayRole } from '@/core/findings/quantity'
import { kindFacts } from './cylinderKind'
import type { CylinderGear } from './gear'
import { gearContents } from './gearContents'

const OLD_WEIGHING_DAYS = 14
const DAY_MS = 86_400_000

/**
 * What is to be said of one cylinder.
 *
 * @param cylinder - with its last standing weighing
 * @param nowIso - the moment to judge at
 */
export function cylinderFindings(cylinder: CylinderGear, nowIso: string): Finding[] {
  const { id, name, lastWeighing } = cylinder
  const contents = gearContents(cylinder)
  const massRole: DisplayRole = kindFacts[cylinder.kind].small ? 'bottleMass' : 'cylinderMass'

  if (contents === null) {
    return [
      {
        code: lastWeighing === null ? 'cylinder-not-weighed' : 'weighing-contradicts-stamps',
        station: 'cylinders',
        severity: 'fix-first',
        sentence: { text: 'Nobody knows what is in {name}.', parts: { name } },
        reason: {
          text:
            lastWeighing === null
              ? 'It has not been weighed, and what is unknown counts as not ready.'
              : 'Its last weighing does not fit the stamps as they now stand.',
        },
        remedy: { label: 'Weigh it', station: 'cylinders', subjectId: id },
        basis: ['net-by-weight'],
      },
    ]
  }

  const findings: Finding[] = []
  if (contents.overfilled) {
    findings.push({
      code: 'cylinder-overfilled',
      station: 'cylinders',
      severity: 'stop',
      sentence: {
        text: '{name} is overfilled by {over}.',
        parts: { name, over: { value: contents.netKg - contents.limitKg, role: massRole } },
      },
      reason: {
        text: 'Warm liquid needs that room. Do not heat, carry or use it, and do not bleed it near a flame: let a dealer draw it down.',
      },
      remedy: { label: 'See the weighing', station: 'cylinders', subjectId: id },
      basis: ['share-of-limit', 'liquid-full-temperature'],
    })
  }
  const ageMs = lastWeighing === null ? 0 : Date.parse(nowIso) - Date.parse(lastWeighing.weighedAt)
  if (ageMs > OLD_WEIGHING_DAYS * DAY_MS) {
    findings.push({
      code: 'weighing-old',
      station: 'cylinders',
      severity: 'note',
      sentence: {
        text: '{name} was weighed {ago} ago.',
        parts: { name, ago: { value: ageMs / 1000, role: 'days' } },
      },
      reason: { text: 'A small leak or a borrowed evening on the stove does not show until it is weighed again.' },
      remedy: { label: 'Weigh it again', station: 'cylinders', subjectId: id },
      basis: ['scale-reading'],
    })
  }
  return findings
}
