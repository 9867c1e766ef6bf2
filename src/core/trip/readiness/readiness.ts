import type { Phrase } from '@/core/base/quantity'
import type { Finding } from '@/core/findings/Finding'
import { findingFacts } from '@/core/findings/findingCodes'
import { verdict, type Verdict } from '@/core/findings/verdict'
import { formatPhrase } from '@/core/units/formatQuantity'

/**
 * Identity of a finding without its numbers, equal for two judgments of one fact.
 *
 * @returns a text that is unique among the findings of the rig
 */
export function findingKey({ station, code, remedy, sentence }: Finding): string {
  const names = Object.values(sentence.parts ?? {}).filter((part) => typeof part === 'string')
  return [station, code, remedy.subjectId ?? '', remedy.about ?? '', ...names].join(' | ')
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
  /** An acceptance of a former wording, no longer valid. */
  lapsed: Acceptance | null
}

export interface Readiness {
  /** Verdict without accepted findings; a stop cannot be accepted. */
  verdict: Verdict
  answered: readonly AnsweredFinding[]
  /** Open findings. */
  openCount: number
  acceptedCount: number
}

/** A sentence in metric units, however its numbers are rounded for display. */
function plainWords({ text, parts = {} }: Phrase): string {
  const plain = Object.entries(parts).map(([name, part]) => {
    return [name, typeof part === 'string' ? part : { value: part.value, role: part.role }] as const
  })
  return formatPhrase({ text, parts: Object.fromEntries(plain) }, 'metric')
}

function isAsAccepted({ sentence }: Finding, acceptance: Acceptance): boolean {
  return plainWords(sentence) === plainWords(acceptance.sentence)
}

function answer(finding: Finding, acceptances: readonly Acceptance[]): AnsweredFinding {
  const key = findingKey(finding)
  const given = acceptances.findLast((acceptance) => acceptance.findingKey === key) ?? null
  // A stop cannot be accepted, even if the records contain an acceptance.
  if (given === null || !findingFacts(finding)?.isAcceptable) return { key, finding, accepted: null, lapsed: null }
  return isAsAccepted(finding, given)
    ? { key, finding, accepted: given, lapsed: null }
    : { key, finding, accepted: null, lapsed: given }
}

/**
 * Readiness for a trip: findings with the owner's acceptances.
 *
 * An acceptance is valid for the sentence as it was; when its figures change, it lapses.
 *
 * @param findings - of judgeTrip, most severe first
 * @param acceptances - valid ones, oldest first
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
