import type { Energy, Habit } from '@/core/appliances/habit'
import type { ApplianceUse } from './tripPlan'

/** What of a use belongs to the trip and not to the appliance. */
export interface KeptUse {
  applianceId: string
  burnPerDayS: number
  habit: Habit | null
  byNight: readonly Energy[] | null
}

/** The uses of a trip as they are kept with it. */
export function keptUses(uses: readonly ApplianceUse[]): KeptUse[] {
  return uses.map(({ id, burnPerDayS, habit, byNight }) => ({
    applianceId: id,
    burnPerDayS,
    habit: habit ?? null,
    byNight: byNight ?? null,
  }))
}
