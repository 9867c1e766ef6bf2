'use client'

import { useState } from 'react'
import { voidEventAction } from '@/actions/log'
import { recordWeighingAction } from '@/actions/cylinders'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput, gearContents, latestLevel } from '@/core/cylinders/contents/gearContents'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { contentsSlip } from '@/core/cylinders/contents/contentsSlip'
import type { CylinderGear, LevelReading } from '@/core/cylinders/cylinderGear'
import { measuredTemperatureK } from '@/core/cylinders/contents/liquidTemperature'
import { levelSlip } from '@/core/cylinders/contents/levelSlip'
import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import { FindingList } from '@/ui/figures/FindingList'
import { DateTime } from '@/ui/figures/DateTime'
import { QuantityField } from '@/ui/fields/QuantityField'
import { isEmpty, nothingTyped, readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { SaveBar } from '@/ui/fields/SaveBar'
import { instantOf, WhenField } from '@/ui/fields/WhenField'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { CylinderPanel } from './CylinderPanel'
import { useNotice } from '@/ui/state/UndoProvider'
import { Pressures } from './Pressures'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

interface WeighForm {
  gross: TypedQuantity
  hanging: TypedQuantity
  temperature: TypedQuantity
  source: 'typed' | 'scale'
  /** As the field of the browser gives it; empty for just now. */
  when: string
}

const blank: WeighForm = {
  gross: nothingTyped,
  hanging: nothingTyped,
  temperature: nothingTyped,
  source: 'typed',
  when: '',
}

/** The shown weighing: the one being typed, else the last valid one. */
function weighingShown(gear: CylinderGear, grossKg: number | null, hangingKg: number | null) {
  if (grossKg !== null) return { grossKg, hangingKg: hangingKg ?? 0 }
  return gear.lastWeighing
}

/** What a reading came to, as a worked sum. */
function readSlip(gear: CylinderGear, level: LevelReading) {
  const { liquidFraction } = level
  const basis = liquidFraction === 0 ? 'ran-out' : kindFacts[gear.kind].isFixed ? 'gauge-level' : 'height-level'
  return levelSlip(gear, liquidFraction, measuredTemperatureK(level), basis)
}

/** By what it is known what a cylinder holds. */
function unsavedLabel(gear: CylinderGear): string {
  if (latestLevel(gear)) return 'by the last reading'
  return gear.lastWeighing ? 'by the last weighing' : 'not weighed yet'
}

/** The drawn cylinder, the weigh-in beside it, and its worked sum. */
export function WeighBench({ gear, altitudeM, nowIso }: { gear: CylinderGear; altitudeM: number; nowIso: string }) {
  const say = useNotice()
  const { small, gas } = kindFacts[gear.kind]
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const form = useSavedForm({ slot: `weigh ${gear.id}`, initial: blank, send: recordWeighingAction })
  const { values, set, saving, issueAt } = form
  const [isMissing, setMissing] = useState(false)

  const grossRead = readQuantity(values.gross, massRole)
  const hangingRead = readQuantity(values.hanging, massRole)
  const shown = grossRead.issue || hangingRead.issue ? null : weighingShown(gear, grossRead.value, hangingRead.value)
  const typing = grossRead.value !== null
  const level = typing ? null : latestLevel(gear)

  let refusal: InputError | null = null
  let held: ReturnType<typeof contents> | null = null
  try {
    held = level ? gearContents(gear) : shown && contents(contentsInput(gear, shown))
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    refusal = error
  }
  const refusedAt = (path: string): string | null =>
    refusal?.issues.find((issue) => issue.path === path)?.message ?? null
  const weighedSlip = held && shown ? contentsSlip(contentsInput(gear, shown), small, gear.sources) : null
  const slip = held && level ? readSlip(gear, level) : weighedSlip

  const submit = async (): Promise<void> => {
    const sent = form.latest()
    const gross = readQuantity(sent.gross, massRole)
    const hanging = readQuantity(sent.hanging, massRole)
    // An unreadable field already has its own sentence.
    setMissing(gross.value === null && gross.issue === null)
    if (gross.value === null || hanging.issue) return
    const saved = await form.save({
      cylinderId: gear.id,
      grossKg: gross.value,
      hangingKg: hanging.value ?? 0,
      source: sent.source,
      happenedAt: instantOf(sent.when),
    })
    if (!saved) return
    if (!isEmpty(sent.temperature)) set({ ...blank, temperature: sent.temperature })
    say({
      done: `Weighing of ${gear.name} saved`,
      undo: async () =>
        (await voidEventAction({ of: 'weighing', id: saved.value.id, reason: 'Undone right after it was saved' })).ok,
    })
  }

  const judged =
    typing && held && shown ? { ...gear, lastLevel: null, lastWeighing: { ...shown, weighedAt: nowIso } } : gear
  const findings = cylinderFindings(judged, nowIso)

  return (
    <form
      className="bench-and-slip"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      {findings.length > 0 && (
        <section className="across" aria-label={sharedLabels.findings}>
          <FindingList findings={findings} />
        </section>
      )}
      <div className="weigh-bench">
        <CylinderPanel gear={gear} held={held} temperature={values.temperature} nowIso={nowIso} />
        <div className="at-the-scale">
          <div className="fields">
            <QuantityField
              label={sharedLabels.onTheScaleNow}
              role={massRole}
              typed={values.gross}
              issue={
                refusedAt('grossKg') ??
                issueAt('grossKg') ??
                (isMissing ? cylindersLabels.enterWhatTheScaleShows : null)
              }
              hint={small ? 'such as 1 lb 11.6 oz' : 'such as 31.4, or 31 lb 6 oz'}
              onTyped={(gross, source) => {
                setMissing(false)
                set({ gross, source })
              }}
            />
            <QuantityField
              label={sharedLabels.alsoHangingOnTheScale}
              optional
              role={massRole}
              typed={values.hanging}
              issue={refusedAt('hangingKg') ?? issueAt('hangingKg')}
              hint="hose, adapter, plug"
              onTyped={(hanging) => set({ hanging })}
            />
          </div>
          {(refusedAt('tareKg') ?? refusedAt('waterCapacityKg')) && (
            <p className="issue">{refusedAt('tareKg') ?? refusedAt('waterCapacityKg')}</p>
          )}
          <WhenField text={values.when} issue={issueAt('happenedAt')} onText={(when) => set({ when })} />
          <SaveBar label={cylindersLabels.saveTheWeighing} saving={saving} dirty={typing} />
        </div>
        <Pressures
          gas={gas}
          small={small}
          held={held}
          waterCapacityKg={gear.waterCapacityKg}
          altitudeM={altitudeM}
          temperature={values.temperature}
          setTemperature={(temperature) => set({ temperature })}
        />
      </div>
      <SlipPaper title={gear.name} sub={typing ? cylindersLabels.asTypedNotSavedYet : unsavedLabel(gear)} slip={slip}>
        {!slip && <p className="mb-0">Stand it on the scale and type what the scale shows: the sum appears here.</p>}
        {slip && level && (
          <p className="hint mb-0">
            Read <DateTime iso={level.readAt} />.
          </p>
        )}
        {slip && !typing && !level && gear.lastWeighing && (
          <p className="hint mb-0">
            Weighed <DateTime iso={gear.lastWeighing.weighedAt} />.
          </p>
        )}
      </SlipPaper>
    </form>
  )
}
