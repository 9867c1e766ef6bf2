import { supplies, type Supply } from '@/core/cylinders/cylinderKind'
import type { Finding } from '@/core/findings/Finding'
import type { TripPlan } from '@/core/run/tripPlan'
import type { RigGear } from './rigGear'
import type { Acceptance } from './readiness'
import type { TripJudgment } from './judgeTrip'

/** Everything a verdict was based on, so that it can be shown and judged again. */
export interface VerdictSnapshot {
  /** Version of the program that gave it. */
  program: string
  gear: RigGear
  plan: TripPlan
  acceptances: readonly Acceptance[]
  findings: readonly Finding[]
  /** What the trip was to burn, by supply. */
  neededKg: Readonly<Record<Supply, number>>
}

/**
 * A verdict as stored.
 *
 * @param judged - input and result of the judgment
 * @param program - version that judged it
 */
export function verdictSnapshot(
  {
    gear,
    plan,
    acceptances,
    judgment,
  }: Pick<VerdictSnapshot, 'gear' | 'plan' | 'acceptances'> & {
    judgment: TripJudgment
  },
  program: string,
): VerdictSnapshot {
  const needed = supplies.map((supply) => {
    return [supply, judgment.balances.find((balance) => balance.supply === supply)?.neededKg ?? 0] as const
  })
  return {
    program,
    gear,
    plan,
    acceptances,
    findings: judgment.findings,
    neededKg: Object.fromEntries(needed) as VerdictSnapshot['neededKg'],
  }
}
