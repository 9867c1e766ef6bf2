import type { Supply } from '@/core/cylinders/cylinderKind'
import type { Finding } from '@/core/findings/Finding'
import type { TripPlan } from '@/core/running/tripPlan'
import type { RigGear } from './judgeTrip'
import type { Acceptance } from './readiness'

/** All that a verdict rested on, so that it can be shown and judged again. */
export interface KeptVerdict {
  /** Version of the program that gave it. */
  program: string
  gear: RigGear
  plan: TripPlan
  acceptances: readonly Acceptance[]
  findings: readonly Finding[]
  /** What the trip was to burn, by supply. */
  neededKg: Readonly<Record<Supply, number>>
}
