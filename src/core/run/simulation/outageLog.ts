import type { Outage, OutageCause } from './tripRun'

/** Two of one cause that lie nearer are one: a cold cylinder comes and goes. */
const SAME_WITHIN_S = 2 * 3600

/** Writes outages down, the steps of one together. */
export function outageLog() {
  const all: (Omit<Outage, 'applianceIds'> & { appliances: Set<string> })[] = []
  return {
    add(
      sourceId: string,
      cause: OutageCause,
      fromS: number,
      stepS: number,
      missingKg: number,
      applianceIds: readonly string[],
    ): void {
      const last = all.findLast((one) => one.sourceId === sourceId && one.cause === cause)
      if (last && fromS - last.toS <= SAME_WITHIN_S) {
        last.toS = fromS + stepS
        last.missingKg += missingKg
        for (const id of applianceIds) last.appliances.add(id)
      } else all.push({ sourceId, cause, fromS, toS: fromS + stepS, missingKg, appliances: new Set(applianceIds) })
    },
    list: (): Outage[] =>
      all
        .map(({ appliances, ...one }) => ({ ...one, applianceIds: [...appliances] }))
        .sort((a, b) => a.fromS - b.fromS),
  }
}
