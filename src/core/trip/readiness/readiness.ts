import type { DisplayRole, Phrase } from '@/core/base/quantity'
import type { Finding } from '@/core/findings/Finding'
import { findingFacts } from '@/core/findings/findingCodes'
import { verdictWithAccepted, type Verdict } from '@/core/findings/verdict'
import { formatQuantity } from '@/core/units/formatQuantity'

/** A text that names a time: it says when, not what. */
const MOMENT = /\bnight \d|\d{4}-\d\d|\d:\d\d|\b(19|20)\d\d\b/

/**
 * Identity of a finding without its numbers, equal for two judgments of one fact, whatever its words and times.
 *
 * @returns a text that is unique among the findings of the rig
 */
export function findingKey({ station, code, remedy, sentence }: Finding): string {
  return keyOf([station, code, remedy.subjectId ?? '', remedy.about ?? ''], sentence)
}

/** Names tell apart only what has no identifier: a renamed cylinder is the same cylinder. */
function keyOf(subject: readonly string[], sentence: Phrase): string {
  const isIdentified = subject.slice(2).some((id) => id !== '')
  const names = Object.values(sentence.parts ?? {}).filter((part) => typeof part === 'string')
  return [...subject, ...(isIdentified ? [] : names.filter((name) => !MOMENT.test(name)).toSorted())].join(' | ')
}

/** Of an acceptance: as findingKey gives it now, also for keys that earlier versions stored. */
function acceptanceKey({ findingKey: stored, sentence }: Acceptance): string {
  return keyOf(stored.split(' | ').slice(0, 4), sentence)
}

/** Roles of ages and times, which change by themselves. */
const ofTime: readonly DisplayRole[] = ['duration', 'minutes', 'days']

/** The facts of a finding: its numbers but ages and times, as they show. */
function factsOf(sentence: Phrase): string {
  return Object.values(sentence.parts ?? {})
    .flatMap((part) => {
      if (typeof part === 'string' || ofTime.includes(part.role)) return []
      const { value, role } = part
      return [`${role} ${formatQuantity({ value, role }, 'metric')}`]
    })
    .toSorted()
    .join(', ')
}

/** A finding that the owner accepted, with the reason. */
export interface Acceptance {
  id: string
  findingKey: string
  /** Sentence of the finding at that time. */
  sentence: Phrase
  reason: string
  /** Time, ISO 8601. */
  acceptedAt: string
}

/** A finding with the owner's answer. */
export interface AnsweredFinding {
  key: string
  finding: Finding
  /** The valid acceptance. */
  accepted: Acceptance | null
  /** An acceptance of other facts, no longer valid. */
  lapsed: Acceptance | null
}

export interface Readiness {
  /** Of what is open; never ready where something is accepted. */
  verdict: Verdict
  answered: readonly AnsweredFinding[]
  /** Open findings. */
  openCount: number
  acceptedCount: number
}

/** Whether an owner may accept a finding with a reason. */
export function isAcceptable(finding: Finding): boolean {
  return findingFacts(finding)?.isAcceptable ?? false
}

function answer(finding: Finding, acceptances: readonly Acceptance[]): AnsweredFinding {
  const key = findingKey(finding)
  const given = acceptances.findLast((acceptance) => acceptanceKey(acceptance) === key) ?? null
  // What no reason makes acceptable stays open, even if the records contain an acceptance.
  if (given === null || !isAcceptable(finding)) return { key, finding, accepted: null, lapsed: null }
  return factsOf(finding.sentence) === factsOf(given.sentence)
    ? { key, finding, accepted: given, lapsed: null }
    : { key, finding, accepted: null, lapsed: given }
}

/**
 * Readiness for a trip: findings with the owner's acceptances.
 *
 * An acceptance is valid for the facts as they were; when these change, it lapses. Words, times and ages do not matter.
 *
 * @param findings - of judgeTrip, most severe first
 * @param acceptances - valid ones, oldest first
 */
export function readiness(findings: readonly Finding[], acceptances: readonly Acceptance[]): Readiness {
  const answered = findings.map((finding) => answer(finding, acceptances))
  const open = answered.filter(({ accepted }) => accepted === null).map(({ finding }) => finding)
  const acceptedCount = answered.length - open.length
  return {
    verdict: verdictWithAccepted(open, acceptedCount),
    answered,
    openCount: open.filter(({ severity }) => severity !== 'note').length,
    acceptedCount,
  }
}
