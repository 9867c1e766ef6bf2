'use client'

import { Link } from '@/ui/shell/Link'
import { useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
import { useForm, useWatch } from 'react-hook-form'
import { saveTripAction } from '@/actions/trip'
import { storedUses, type TripPlan } from '@/core/run/tripPlan'
import { formatQuantity } from '@/core/units/formatQuantity'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import { readiness, type Acceptance } from '@/core/trip/readiness/readiness'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { FindingList } from '@/ui/figures/FindingList'
import { SaveBar } from '@/ui/fields/SaveBar'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { Term } from '@/ui/figures/Term'
import { useDraft } from '@/ui/state/useDraft'
import { useSave } from '@/ui/state/useSave'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useNotice } from '@/ui/state/UndoProvider'
import { ApplianceHours } from './ApplianceHours'
import { SupplyBars, SupplySlips } from './SupplyPapers'
import {
  judgeTyped,
  nothingKept,
  readTrip,
  tripValues,
  type StoredTrip,
  type TripFormAppliance,
  type TripValues,
} from './tripForm'
import { TripPlaceFields } from './TripPlaceFields'
import { VerdictPlate } from '@/app/trips/verdict/VerdictPlate'

/** One trip: nights and hours compared with the gas aboard, judged while you type. */
export function TripBench({
  rigId,
  stored,
  plan,
  appliances,
  rig,
  acceptances,
  nowIso,
  suggestedDay,
}: {
  rigId: string
  stored: StoredTrip | null
  /** Stored values; null for a new one. */
  plan: TripPlan | null
  appliances: readonly TripFormAppliance[]
  rig: RigGear
  acceptances: readonly Acceptance[]
  nowIso: string
  suggestedDay: string
}) {
  const router = useRouter()
  const { system } = useUnits()
  const kept = plan ?? nothingKept
  const initial = tripValues(stored, kept.uses, appliances, suggestedDay, system)
  const form = useForm<TripValues>({ defaultValues: initial })
  const say = useNotice()
  const draft = useDraft(`trip ${stored?.id ?? 'new'}`, stored?.version ?? 0, form)
  const typed = useWatch({ control: form.control })
  const values: TripValues = {
    ...initial,
    ...typed,
    hours: { ...initial.hours, ...(typed.hours as TripValues['hours']) },
  }
  const { save, saving, issueAt, resetSaving } = useSave(saveTripAction)

  const reading = readTrip(values, stored?.id ?? 'new', appliances, system, kept)
  const { judgment, refusal } = judgeTyped(reading, rig, nowIso)
  const used = judgment?.balances.filter(({ neededKg }) => neededKg > 0) ?? []

  const set = (name: keyof Omit<TripValues, 'hours'> | `hours.${string}`, text: string): void => {
    resetSaving()
    form.setValue(name, text, { shouldDirty: true })
  }
  const submit = async (version: number): Promise<void> => {
    // Read from the form itself: what was drawn last may lag behind what was typed last.
    const sent = form.getValues()
    const { plan: typedPlan, readable } = readTrip(sent, stored?.id ?? 'new', appliances, system, kept)
    if (!readable) return
    draft.forget()
    const saved = await save({
      id: stored?.id ?? null,
      rigId,
      version: stored && version,
      name: sent.name,
      startDay: sent.startDay,
      nights: typedPlan.nights,
      altitudeM: typedPlan.altitudeM,
      coldestK: typedPlan.coldestK,
      reserveShare: typedPlan.reserveShare,
      uses: storedUses(typedPlan.uses),
    })
    if (!saved) return draft.keep()
    say({ done: `Trip to ${sent.name} saved` })
    form.reset(sent)
    if (stored === null) router.push(`/trips/${saved.value.id}`)
  }
  const theirs = saving.conflict

  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void submit(draft.baseVersion())
      }}
    >
      {stored === null && (
        <h1>
          Trip <span className="of">· {values.name || 'a new one'}</span>
        </h1>
      )}
      <div className="bench-and-slip">
        <div>
          <VerdictPlate judgment={judgment} ready={judgment && readiness(judgment.findings, acceptances)} />
          <SupplyBars balances={used} />
          <div className="trip-sheet">
            <div className="fields">
              <TripPlaceFields values={values} set={set} issueAt={issueAt}>
                <div>
                  <Form.Label htmlFor="trip-reserve">
                    <Term id="reserve">Reserve</Term>, in %
                  </Form.Label>
                  <Form.Control
                    id="trip-reserve"
                    inputMode="decimal"
                    value={values.reserve}
                    onChange={(event) => set('reserve', event.target.value)}
                  />
                  {reading.issues.reserve && <p className="issue">{reading.issues.reserve}</p>}
                </div>
              </TripPlaceFields>
            </div>
            <ApplianceHours
              appliances={appliances}
              balances={judgment?.balances ?? []}
              hours={values.hours}
              refusal={refusal}
              uses={reading.plan.uses}
              kept={kept}
              onText={(id, text) => set(`hours.${id}`, text)}
            />
          </div>
          <SaveBar label="Save the trip" saving={saving} dirty={form.formState.isDirty}>
            <Link href="/trips">All trips</Link>
          </SaveBar>
          {theirs && (
            <ConflictNote
              rows={[
                { label: 'Where to', theirs: theirs.name, mine: values.name },
                { label: 'Leaves on', theirs: theirs.startDay, mine: values.startDay },
                { label: 'Nights', theirs: theirs.nights, mine: values.nights },
                {
                  label: 'Reserve',
                  theirs: formatQuantity({ value: theirs.reserveShare, role: 'share' }, system),
                  mine: `${values.reserve} %`,
                },
              ]}
              takeTheirs={() => {
                draft.forget()
                window.location.reload()
              }}
              keepMine={() => void submit(theirs.version)}
            />
          )}
        </div>
        <div>
          <SupplySlips balances={used} trip={reading.plan} />
          {used.length === 0 && (
            <SlipPaper title="What the trip burns" sub={judgment ? 'no hours yet' : 'not summed up'} slip={null}>
              <p className="mb-0">
                {judgment
                  ? 'Give an appliance its hours: the sum appears here.'
                  : 'Mend the marked field: the sum appears here again.'}
              </p>
            </SlipPaper>
          )}
        </div>
      </div>
      {judgment && (
        <section className="mt-4" aria-label="Findings">
          <h2>Before leaving</h2>
          <FindingList findings={judgment.findings} />
        </section>
      )}
    </form>
  )
}
