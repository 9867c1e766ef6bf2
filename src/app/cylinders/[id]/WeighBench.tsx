'use client'

import { useForm, useWatch } from 'react-hook-form'
import { voidEventAction } from '@/actions/log'
import { recordWeighingAction } from '@/actions/cylinders'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput, gearContents, latestLevel } from '@/core/cylinders/contents/gearContents'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { formatQuantity } from '@/core/units/formatQuantity'
import { contentsSlip } from '@/core/cylinders/contents/contentsSlip'
import type { CylinderGear, LevelReading } from '@/core/cylinders/cylinderGear'
import { levelSlip } from '@/core/cylinders/contents/levelSlip'
import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import { FindingList } from '@/ui/figures/FindingList'
import { DateTime } from '@/ui/figures/DateTime'
import { QuantityField } from '@/ui/fields/QuantityField'
import { readQuantity } from '@/ui/fields/readQuantity'
import { SaveBar } from '@/ui/fields/SaveBar'
import { instantOf, WhenField } from '@/ui/fields/WhenField'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useDraft } from '@/ui/state/useDraft'
import { useSave } from '@/ui/state/useSave'
import { useUnits } from '@/ui/state/UnitsProvider'
import { CylinderPanel } from './CylinderPanel'
import { useNotice } from '@/ui/state/UndoProvider'
import { Pressures } from './Pressures'

interface WeighForm {
  gross: string
  hanging: string
  temperature: string
  source: 'typed' | 'scale'
  /** As the field of the browser gives it; empty for just now. */
  when: string
}

const blank: WeighForm = { gross: '', hanging: '', temperature: '', source: 'typed', when: '' }

/** The shown weighing: the one being typed, else the last valid one. */
function weighingShown(gear: CylinderGear, grossKg: number | null, hangingKg: number | null) {
  if (grossKg !== null) return { grossKg, hangingKg: hangingKg ?? 0 }
  return gear.lastWeighing
}

/** What a reading came to, as a worked sum. */
function readSlip(gear: CylinderGear, { liquidFraction, temperatureK }: LevelReading) {
  const basis = liquidFraction === 0 ? 'ran-out' : kindFacts[gear.kind].isFixed ? 'gauge-level' : 'height-level'
  return levelSlip(gear, liquidFraction, temperatureK, basis)
}

/** By what it is known what a cylinder holds. */
function unsavedLabel(gear: CylinderGear): string {
  if (latestLevel(gear)) return 'by the last reading'
  return gear.lastWeighing ? 'by the last weighing' : 'not weighed yet'
}

/** The drawn cylinder, the weigh-in beside it, and its worked sum. */
export function WeighBench({ gear, altitudeM, nowIso }: { gear: CylinderGear; altitudeM: number; nowIso: string }) {
  const { system } = useUnits()
  const say = useNotice()
  const { small, gas } = kindFacts[gear.kind]
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const form = useForm<WeighForm>({ defaultValues: blank })
  const draft = useDraft(`weigh ${gear.id}`, 0, form)
  const { gross, hanging, temperature, when } = useWatch({ control: form.control, defaultValue: blank })
  const { save, saving, issueAt, resetSaving } = useSave(recordWeighingAction)

  const grossRead = readQuantity(gross ?? '', massRole, system)
  const hangingRead = readQuantity(hanging ?? '', massRole, system)
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
  const weighedSlip = held && shown ? contentsSlip(contentsInput(gear, shown), small) : null
  const slip = held && level ? readSlip(gear, level) : weighedSlip

  const submit = form.handleSubmit(async (sent) => {
    // Read from the form itself: what was drawn last may lag behind what was typed last.
    const grossSent = readQuantity(sent.gross, massRole, system)
    const hangingSent = readQuantity(sent.hanging, massRole, system)
    if (grossSent.value === null || hangingSent.issue) {
      // An unreadable field already has its own sentence.
      if (grossSent.value === null && !grossSent.issue)
        form.setError('gross', { message: 'Enter what the scale shows.' })
      return
    }
    draft.forget()
    const saved = await save({
      cylinderId: gear.id,
      grossKg: grossSent.value,
      hangingKg: hangingSent.value ?? 0,
      source: sent.source,
      happenedAt: instantOf(sent.when),
    })
    if (!saved) return draft.keep()
    form.reset({ ...blank, temperature: form.getValues('temperature') })
    say({
      done: `Weighing of ${gear.name} saved`,
      undo: async () =>
        (await voidEventAction({ of: 'weighing', id: saved.value.id, reason: 'Undone right after it was saved' })).ok,
    })
  })

  const judged =
    typing && held && shown ? { ...gear, lastLevel: null, lastWeighing: { ...shown, weighedAt: nowIso } } : gear
  const findings = cylinderFindings(judged, nowIso)

  return (
    <form className="bench-and-slip" onSubmit={submit} noValidate>
      {findings.length > 0 && (
        <section className="across" aria-label="Findings">
          <FindingList findings={findings} />
        </section>
      )}
      <div className="weigh-bench">
        <CylinderPanel gear={gear} held={held} temperatureText={temperature ?? ''} nowIso={nowIso} />
        <div className="at-the-scale">
          <div className="fields">
            <QuantityField
              label="On the scale now"
              role={massRole}
              text={gross ?? ''}
              issue={refusedAt('grossKg') ?? issueAt('grossKg') ?? form.formState.errors.gross?.message}
              hint={small ? 'such as 1 lb 11.6 oz' : 'such as 31.4, or 31 lb 6 oz'}
              onText={(text, source) => {
                form.clearErrors('gross')
                resetSaving()
                form.setValue('gross', text, { shouldDirty: true })
                form.setValue('source', source)
              }}
            />
            <QuantityField
              label="Also hanging on the scale"
              optional
              role={massRole}
              text={hanging ?? ''}
              issue={refusedAt('hangingKg') ?? issueAt('hangingKg')}
              hint="hose, adapter, plug"
              onText={(text) => form.setValue('hanging', text, { shouldDirty: true })}
            />
          </div>
          {(refusedAt('tareKg') ?? refusedAt('waterCapacityKg')) && (
            <p className="issue">{refusedAt('tareKg') ?? refusedAt('waterCapacityKg')}</p>
          )}
          <WhenField
            text={when ?? ''}
            issue={issueAt('happenedAt')}
            onText={(text) => {
              resetSaving()
              form.setValue('when', text, { shouldDirty: true })
            }}
          />
          <SaveBar label="Save the weighing" saving={saving} dirty={typing} />
        </div>
        <Pressures
          gas={gas}
          small={small}
          held={held}
          waterCapacityKg={gear.waterCapacityKg}
          altitudeM={altitudeM}
          text={temperature ?? ''}
          onText={(text) => form.setValue('temperature', text, { shouldDirty: true })}
        />
      </div>
      <SlipPaper title={gear.name} sub={typing ? 'as typed, not saved yet' : unsavedLabel(gear)} slip={slip}>
        {!slip && <p className="mb-0">Stand it on the scale and type what the scale shows: the sum appears here.</p>}
        {slip && level && (
          <p className="hint mb-0">
            Read <DateTime iso={level.readAt} />.
          </p>
        )}
        {slip && !typing && !level && gear.lastWeighing && (
          <p className="hint mb-0">
            Weighed <DateTime iso={gear.lastWeighing.weighedAt} />, tare{' '}
            {formatQuantity({ value: gear.tareKg, role: massRole }, system)}.
          </p>
        )}
      </SlipPaper>
    </form>
  )
}
