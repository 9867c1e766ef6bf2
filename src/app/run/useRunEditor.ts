'use client'

import { useMemo } from 'react'
import { saveRunAction } from '@/actions/run'
import { useDocumentDraft } from '@/ui/state/useDocumentDraft'
import { InputError } from '@/core/base/InputError'
import type { Forecast } from '@/core/run/weather/forecast'
import type { Scenario } from '@/core/run/simulation/buildRunInput'
import type { StoredUse } from '@/core/run/tripPlan'
import { runOutlook, type RunOutlook } from '@/core/run/simulation/runOutlook'
import type { RunSettings } from '@/core/run/runSettings'
import type { RunEdit } from '@/core/run/analysis/tripRemedies'
import { draftOf, planOf, type RunDraft } from './runDraft'
import type { RunPageData } from './runPageData'

export type RunEditor = ReturnType<typeof useRunEditor>

/**
 * The trip being edited in Run: changed on any page, computed at once, saved to the trip.
 *
 * @param data - with a trip
 * @param trip - of it
 */
export function useRunEditor(data: RunPageData, trip: NonNullable<RunPageData['trip']>) {
  const saved = useMemo(() => draftOf(trip.plan), [trip])
  const drawing = useDocumentDraft<RunDraft>({
    slot: `run ${trip.plan.id}`,
    id: trip.plan.id,
    saved: { version: trip.version, name: trip.plan.name, value: saved },
    send: ({ version, value }) =>
      saveRunAction({
        id: trip.plan.id,
        version: version ?? 0,
        settings: value.settings,
        forecast: value.forecast,
        uses: value.uses,
      }),
  })
  const draft = drawing.value
  const worked = useMemo((): { outlook: RunOutlook | null; refused: string | null } => {
    try {
      return {
        outlook: runOutlook(data.rig, planOf(trip.plan, draft, data.appliances), draft.scenario),
        refused: null,
      }
    } catch (error) {
      if (error instanceof InputError) return { outlook: null, refused: error.message }
      throw error
    }
  }, [data, trip, draft])

  const put = (change: Partial<RunDraft>, field?: string): void => drawing.put({ ...draft, ...change }, field)
  const setUse = (applianceId: string, change: Partial<StoredUse>, field?: string): void => {
    const before = draft.uses.find((use) => use.applianceId === applianceId)
    const next = { applianceId, burnPerDayS: 0, habit: null, byNight: null, sources: {}, ...before, ...change }
    const uses = before
      ? draft.uses.map((use) => (use.applianceId === applianceId ? next : use))
      : [...draft.uses, next]
    put({ uses }, field)
  }
  const apply = (edit: RunEdit): void => {
    const { scenario } = draft
    if (edit.do === 'changeover') put({ settings: { ...draft.settings, changeover: edit.changeover } })
    else if (edit.do === 'get-up') put({ settings: { ...draft.settings, getUp: true } })
    else if (edit.do === 'fill') put({ scenario: { ...scenario, fills: [...scenario.fills, edit.cylinderId] } })
    else if (edit.do === 'another-cylinder')
      put({ scenario: { ...scenario, moreCylinders: scenario.moreCylinders + 1 } })
    else if (edit.do === 'another-bottle') put({ scenario: { ...scenario, moreBottles: scenario.moreBottles + 1 } })
    else if (edit.do === 'habit') setUse(edit.applianceId, { habit: edit.habit, sources: {} })
    else {
      const byNight = draft.uses.find(({ applianceId }) => applianceId === edit.applianceId)?.byNight ?? []
      setUse(edit.applianceId, { byNight: byNight.map((on) => (on === 'battery' ? 'gas' : on)) })
    }
  }
  return {
    ...drawing,
    draft,
    ...worked,
    setSettings: (change: Partial<RunSettings>, field?: string): void =>
      put({ settings: { ...draft.settings, ...change } }, field),
    setForecast: (forecast: Forecast | null, field?: string): void => put({ forecast }, field),
    setUse,
    setWhatIf: (scenario: Scenario): void => put({ scenario }),
    apply,
  }
}
