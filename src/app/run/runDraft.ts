import type { Forecast } from '@/core/run/weather/forecast'
import { baselineScenario, type Scenario } from '@/core/run/simulation/buildRunInput'
import { storedUses, withSettings, type StoredUse, type ApplianceUse, type TripPlan } from '@/core/run/tripPlan'
import { usualRunSettings, type RunSettings } from '@/core/run/runSettings'
import type { RunPageData } from './runPageData'

/** How the trip is run, while it is being changed. */
export interface RunDraft {
  settings: RunSettings
  forecast: Forecast | null
  uses: readonly StoredUse[]
  scenario: Scenario
}

/** How a trip is run, as it is saved. */
export function draftOf({ settings, forecast, uses }: TripPlan): RunDraft {
  return {
    settings: settings ?? usualRunSettings,
    forecast: forecast ?? null,
    uses: storedUses(uses),
    scenario: baselineScenario,
  }
}

/** The plan as the draft has it; an appliance that was archived meanwhile is left out. */
export function planOf(plan: TripPlan, draft: RunDraft, appliances: RunPageData['appliances']): TripPlan {
  const uses = draft.uses.flatMap(({ applianceId, ...use }): ApplianceUse[] => {
    const appliance = appliances.find(({ id }) => id === applianceId)
    // The sources of an appliance are not those of its use; a draft of an older version has none.
    return appliance ? [{ ...appliance, ...use, sources: use.sources ?? {} }] : []
  })
  return { ...withSettings(plan, draft.settings), uses, forecast: draft.forecast }
}
