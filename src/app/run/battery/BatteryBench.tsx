'use client'

import { useMemo } from 'react'
import Form from 'react-bootstrap/Form'
import { saveBatteryAction } from '@/actions/run'
import { RunHeader } from '@/app/run/RunHeader'
import type { RunPageData } from '@/app/run/runPageData'
import { useRunEditor } from '@/app/run/useRunEditor'
import { type Battery, enteredInBattery, leastShare, usualBattery } from '@/core/run/battery/battery'
import { isAssumed } from '@/core/base/provenance'
import { formatTripTime } from '@/core/time/tripClock'
import { batterySlip } from '@/core/run/battery/batterySlip'
import { Choice } from '@/ui/fields/Choice'
import { Measure } from '@/ui/fields/Measure'
import { SaveBar } from '@/ui/fields/SaveBar'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { StripChart } from '@/ui/figures/StripChart'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const DAY_S = 86_400

/** The battery beside the gas: what it bears night by night, and when it is flat. */
export function BatteryBench({ data, trip }: { data: RunPageData; trip: NonNullable<RunPageData['trip']> }) {
  const form = useSavedForm({
    slot: `battery ${data.rigId}`,
    version: data.rigVersion,
    initial: { battery: data.battery },
    send: saveBatteryAction,
  })
  const { saving, issueAt } = form
  const { battery } = form.values
  // The same object while the battery is the same, or the trip would be run again with every drawing of the page.
  const supposed = useMemo(() => ({ ...data, rig: { ...data.rig, battery } }), [data, battery])
  const editor = useRunEditor(supposed, trip)
  const say = useNotice()
  const put = (change: Partial<Omit<Battery, 'sources'>>): void => {
    form.set({ battery: enteredInBattery(form.latest().battery ?? usualBattery, change) })
  }
  const { outlook } = editor
  const shownBattery = battery ?? usualBattery
  const hintOf = (name: keyof Battery): { hint?: string } =>
    isAssumed(shownBattery.sources, name) ? { hint: 'assumed' } : {}
  const nights = outlook?.trip.nights ?? 0
  const shore = editor.draft.settings.shoreNights
  return (
    <>
      <RunHeader editor={editor} data={data} />
      <div className="bench-and-slip">
        <form
          noValidate
          aria-label="The battery"
          onSubmit={async (event) => {
            event.preventDefault()
            const entry = { rigId: data.rigId, version: form.baseVersion, battery: shownBattery }
            if (await form.save(entry)) say({ done: runLabels.batterySaved })
          }}
        >
          <h2>The battery</h2>
          {battery === null && (
            <p className="issue">Not entered yet: these are usual numbers. Change one, and it counts.</p>
          )}
          <div className="fields narrow">
            <Measure
              label={runLabels.holdsAhOnItsLabel}
              role="charge"
              value={shownBattery.capacityC}
              {...hintOf('capacityC')}
              issue={issueAt('battery.capacityC')}
              set={(capacityC) => put({ capacityC })}
            />
            <Choice
              id="battery-kind"
              label={isAssumed(shownBattery.sources, 'usableShare') ? 'Kind, assumed' : sharedLabels.kind}
              value={shownBattery.usableShare > 0.7 ? 'lithium' : 'lead'}
              options={[
                ['lead', 'lead: half may be drawn'],
                ['lithium', 'lithium: nine tenths may be drawn'],
              ]}
              set={(kind) => put({ usableShare: kind === 'lead' ? 0.5 : 0.9 })}
            />
            <Measure
              label={runLabels.fullOnLeaving}
              role="share"
              mayBeZero
              value={shownBattery.startShare}
              {...hintOf('startShare')}
              issue={issueAt('battery.startShare')}
              set={(startShare) => put({ startShare })}
            />
            <Measure
              label={runLabels.fromTheSunAhADay}
              role="charge"
              mayBeZero
              value={shownBattery.solarC}
              {...hintOf('solarC')}
              issue={issueAt('battery.solarC')}
              set={(solarC) => put({ solarC })}
            />
            <Measure
              role="current"
              mayBeZero
              label="Alarms, lights, pump: A all day"
              value={shownBattery.standingA}
              {...hintOf('standingA')}
              issue={issueAt('battery.standingA')}
              set={(standingA) => put({ standingA })}
            />
            <Measure
              role="current"
              mayBeZero
              label="Charger on shore power, A"
              value={shownBattery.shoreA}
              {...hintOf('shoreA')}
              issue={issueAt('battery.shoreA')}
              set={(shoreA) => put({ shoreA })}
            />
          </div>
          <SaveBar label={runLabels.saveTheBattery} saving={saving} dirty={form.dirty} />
          {saving.conflict && (
            <p className="issue">The rig was saved somewhere else meanwhile. Reload, and enter it again.</p>
          )}
          {nights > 0 && nights <= 21 && (
            <fieldset className="night-energies">
              <legend>Shore power</legend>
              {Array.from({ length: nights }, (_, night) => (
                <Form.Check
                  key={night}
                  id={`shore-${night}`}
                  label={`night ${night + 1}`}
                  checked={shore.includes(night)}
                  onChange={() =>
                    editor.setSettings({
                      shoreNights: shore.includes(night) ? shore.filter((one) => one !== night) : [...shore, night],
                    })
                  }
                />
              ))}
            </fieldset>
          )}
          {outlook && battery && (
            <div className="air-charts">
              <StripChart
                title="Charge over the trip"
                alt="the sum beside says the same"
                role="share"
                points={outlook.run.series}
                foot={{ of: ({ timeS }) => timeS / DAY_S, words: (days) => `${days} d` }}
                lines={[{ words: 'charge', of: ({ batteryShare }) => batteryShare }]}
                marks={[{ at: leastShare(battery), words: 'not under this' }]}
                from={0}
                to={1}
                tipOf={({ timeS }) => formatTripTime(timeS, outlook.input)}
                height={200}
              />
            </div>
          )}
        </form>
        <SlipPaper
          title={runLabels.aDayAndNightOf12}
          sub="mean of the trip"
          slip={outlook && battery ? batterySlip(battery, outlook.input, outlook.run) : null}
        >
          <p className="hint mb-0">A furnace’s blower draws 4 to 8 A while it runs; a fridge on 12 V some 12 A.</p>
        </SlipPaper>
      </div>
    </>
  )
}
