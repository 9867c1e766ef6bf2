import type { TripPlan } from '@/core/run/tripPlan'

const DAY_S = 86_400

/** How many nights a trip still has, said in a word: begun ones count when most of them is to come. */
export function nightsLeft({ nights, lastsS }: Pick<TripPlan, 'nights' | 'lastsS'>): number {
  return lastsS === undefined ? nights : Math.max(1, Math.round(lastsS / DAY_S))
}
