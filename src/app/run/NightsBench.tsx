'use client'

import { supplyLabels } from '@/core/cylinders/cylinderKind'
import type { Finding } from '@/core/findings/Finding'
import { nightRibbons } from '@/core/run/analysis/nightRibbons'
import { useState } from 'react'
import { tripSlip } from '@/core/run/analysis/tripSlip'
import { FindingList } from '@/ui/figures/FindingList'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { HoursTable } from './HoursTable'
import { NightRibbons } from './NightRibbons'
import { Remedies } from './Remedies'
import { RunCharts } from './RunCharts'
import { RunSettingsFields } from './RunSettingsFields'
import { RunHeader } from './RunHeader'
import type { RunPageData } from './runPageData'
import { ChangeoverComparison } from './ChangeoverComparison'
import { Spread } from './Spread'
import { useRunEditor } from './useRunEditor'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** The trip hour by hour: weak hours, fixes, and uncertainty. */
export function NightsBench({
  data,
  trip,
  findings,
}: {
  data: RunPageData
  trip: NonNullable<RunPageData['trip']>
  findings: readonly Finding[]
}) {
  const editor = useRunEditor(data, trip)
  const { outlook } = editor
  const [asked, setAsked] = useState<string | null>(null)
  const burning = outlook?.run.sources.filter(({ id }) =>
    outlook.input.appliances.some(({ sourceId }) => sourceId === id),
  )
  const first = outlook?.run.outages[0]?.sourceId ?? burning?.[0]?.id
  const sourceId = burning?.some(({ id }) => id === asked) ? asked : (first ?? null)
  const ribbons = outlook && sourceId !== null ? nightRibbons(outlook.run, outlook.input, sourceId) : []
  return (
    <>
      <RunHeader editor={editor} data={data} />
      {outlook && burning && sourceId !== null && (
        <div className="bench-and-slip">
          <div>
            {burning.length > 1 && (
              <div className="tray-groups" role="group" aria-label="Which gas">
                {burning.map(({ id, name }) => (
                  <button key={id} type="button" aria-pressed={id === sourceId} onClick={() => setAsked(id)}>
                    {name}
                  </button>
                ))}
              </div>
            )}
            <NightRibbons ribbons={ribbons} />
            {outlook.run.outages.length > 0 && (
              <Remedies editor={editor} input={outlook.input} fillable={data.fillable} />
            )}
            <RunSettingsFields editor={editor} data={data} />
            <ChangeoverComparison editor={editor} input={outlook.input} />
            <RunCharts outlook={outlook} sourceId={sourceId} />
            <HoursTable outlook={outlook} ribbons={ribbons} />
          </div>
          <div className="slip-side">
            {outlook.balances
              .filter(({ neededKg }) => neededKg > 0)
              .map((balance) => (
                <SlipPaper
                  key={balance.supply}
                  title={supplyLabels[balance.supply]}
                  sub="by habit and weather; as it is aboard now"
                  slip={tripSlip(balance, outlook.trip.nights, outlook.trip.reserveShare)}
                />
              ))}
            <Spread input={outlook.input} />
          </div>
        </div>
      )}
      {outlook && !sourceId && <p>Nothing burns on this trip yet: say under “What burns” what does.</p>}
      {findings.length > 0 && (
        <section className="mt-4" aria-label={sharedLabels.findings}>
          <h2>As it is saved</h2>
          <FindingList findings={findings} />
        </section>
      )}
    </>
  )
}
