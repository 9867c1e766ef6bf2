import type { Phrase } from '@/core/base/quantity'
import type { Finding } from '@/core/findings/Finding'
import { verdict, type Verdict } from '@/core/findings/verdict'
import { formatPhrase } from '@/core/units/formatQuantity'

/**
 * Which finding this is, whatever its numbers: the same of two judgments of one fact.
 *
 * @returns a text that no other finding of the rig has
 */
export function findingKey({ station, code, remedy, sentence }: Finding): string {
  const names = Object.values(sentence.parts ?? {}).filter((part) => typeof part === 'string')
  return [station, code, remedy.subjectId ?? '', remedy.about ?? '', ...names].join(' | ')
}

/** A finding that its owner leaves as it is, and why. */
export interface Acceptance {
  id: string
  findingKey: string
  /** As the finding read then. */
  sentence: Phrase
  reason: string
  /** Time, ISO 8601. */
  acceptedAt: string
}

/** A finding with what its owner said to it. */
export interface AnsweredFinding {
  key: string
  finding: Finding
  /** It stands accepted. */
  accepted: Acceptance | null
  /** It was accepted when it read otherwise; that counts no longer. */
  lapsed: Acceptance | null
}

export interface Readiness {
  /** With what is accepted left out: a stop never is. */
  verdict: Verdict
  answered: readonly AnsweredFinding[]
  /** To be seen to. */
  openCount: number
  acceptedCount: number
}

function isAsAccepted({ sentence }: Finding, acceptance: Acceptance): boolean {
  return formatPhrase(sentence, 'metric') === formatPhrase(acceptance.sentence, 'metric')
}

function answer(finding: Finding, acceptances: readonly Acceptance[]): AnsweredFinding {
  const key = findingKey(finding)
  const given = acceptances.findLast((acceptance) => acceptance.findingKey === key) ?? null
  // What ends only when the fact changes cannot be talked away, whatever the records say.
  if (given === null || finding.severity !== 'fix-first') return { key, finding, accepted: null, lapsed: null }
  return isAsAccepted(finding, given)
    ? { key, finding, accepted: given, lapsed: null }
    : { key, finding, accepted: null, lapsed: given }
}

/**
 * Whether one may leave: the findings with what the owner accepts of them.
 *
 * An acceptance holds for the finding as it read; where its figures are others now, it is asked for again.
 *
 * @param findings - of judgeTrip, most severe first
 * @param acceptances - standing, oldest first
 */
export function readiness(findings: readonly Finding[], acceptances: readonly Acceptance[]): Readiness {
  const answered = findings.map((finding) => answer(finding, acceptances))
  const counting = answered.filter(({ accepted }) => accepted === null).map(({ finding }) => finding)
  return {
    verdict: verdict(counting),
    answered,
    openCount: counting.filter(({ severity }) => severity !== 'note').length,
    acceptedCount: answered.length - counting.length,
  }
}
