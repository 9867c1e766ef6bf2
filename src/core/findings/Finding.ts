import type { Phrase } from '@/core/base/quantity'

/** The stations in the order the gas passes them. */
export const stations = ['trip', 'cylinders', 'fill', 'hookup', 'leak-test', 'heat', 'run', 'log', 'practice'] as const

export type Station = (typeof stations)[number]

/**
 * How much a finding weighs.
 *
 * - `stop`: cannot be accepted; it clears when the problem is fixed
 * - `fix-first`: fix it, or, where its code allows, accept it with a reason that stays in view
 * - `note`: worth knowing, needs no action
 */
export const severities = ['stop', 'fix-first', 'note'] as const

export type Severity = (typeof severities)[number]

/** Where a finding is fixed: label of the button, and what it opens. */
export interface FindingRemedy {
  label: string
  station: Station
  /** Identifier of the cylinder, appliance or trip to open; the station itself when absent. */
  subjectId?: string
  /** Page of the subject or of the station, such as `dates` or `by-weight`. */
  page?: string
  /** Part of the subject, such as a joint of a line. */
  about?: string
}

/** A finding, in the form that all modules use. */
export interface Finding {
  /** Stable name, such as `cylinder-overfilled`. */
  code: string
  station: Station
  severity: Severity
  sentence: Phrase
  reason: Phrase
  remedy: FindingRemedy
  /** Entries of core/rules/basis that the finding is based on. */
  basis: readonly string[]
}

const weight: Readonly<Record<Severity, number>> = { stop: 0, 'fix-first': 1, note: 2 }

/** Findings with most severe first; among equals in the order the gas passes the stations. */
export function sortFindings(findings: readonly Finding[]): Finding[] {
  return findings.toSorted(
    (a, b) => weight[a.severity] - weight[b.severity] || stations.indexOf(a.station) - stations.indexOf(b.station),
  )
}
