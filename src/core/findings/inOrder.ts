import { stations, type Finding, type Severity } from './Finding'

const weight: Readonly<Record<Severity, number>> = { stop: 0, 'fix-first': 1, note: 2 }

/** Findings with the gravest first; among equals in the order the gas passes the stations. */
export function inOrder(findings: readonly Finding[]): Finding[] {
  return findings.toSorted(
    (a, b) => weight[a.severity] - weight[b.severity] || stations.indexOf(a.station) - stations.indexOf(b.station),
  )
}
