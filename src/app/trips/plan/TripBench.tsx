'use client'

import { isAssumed } from '@/core/base/provenance'
import { Link } from '@/ui/shell/Link'
import { useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
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
import { useSavedForm } from '@/ui/state/useSavedForm'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useNotice } from '@/ui/state/UndoProvider'
import { ApplianceHours } from './ApplianceHours'
import { SupplyBars, SupplySlips } from './SupplyPapers'
import { judgeTyped, nothingKept, readTrip, tripValues, type StoredTrip, type TripFormAppliance } from './tripForm'
import { TripPlaceFields } from './TripPlaceFields'
import { VerdictPlate } from '@/app/trips/verdict/VerdictPlate'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

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
  const say = useNotice()
  const form = useSavedForm({
    slot: `trip ${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    initial: tripValues(stored, kept.uses, appliances, suggestedDay, system),
    send: saveTripAction,
  })
  const { values, set, saving, issueAt } = form

  const reading = readTrip(values, stored?.id ?? 'new', appliances, kept)
  const { judgment, refusal } = judgeTyped(reading, rig, nowIso)
  const used = judgment?.balances.filter(({ neededKg }) => neededKg > 0) ?? []

  const submit = async (version: number | null): Promise<void> => {
    const sent = form.latest()
    const { plan: typedPlan, readable } = readTrip(sent, stored?.id ?? 'new', appliances, kept)
    if (!readable) return
    const saved = await form.save(
      {
        id: stored?.id ?? null,
        rigId,
        version,
        name: sent.name,
        startDay: sent.startDay,
        nights: typedPlan.nights,
        altitudeM: isAssumed(typedPlan.sources, 'altitudeM') ? null : typedPlan.altitudeM,
        coldestK: typedPlan.coldestK,
        reserveShare: typedPlan.reserveShare,
        uses: storedUses(typedPlan.uses),
      },
      version,
    )
    if (!saved) return
    say({ done: `Trip to ${sent.name} saved` })
    if (stored === null) router.push(`/trips/${saved.value.id}`)
  }
  const theirs = saving.conflict

  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void submit(form.baseVersion)
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
                    onChange={(event) => set({ reserve: event.target.value })}
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
              onTyped={(id, typed) => set({ hours: { ...form.latest().hours, [id]: typed } })}
            />
          </div>
          <SaveBar label={tripsLabels.saveTheTrip} saving={saving} dirty={form.dirty}>
            <Link href="/trips">All trips</Link>
          </SaveBar>
          {theirs && (
            <ConflictNote
              rows={[
                { label: tripsLabels.whereTo, theirs: theirs.name, mine: values.name },
                { label: tripsLabels.leavesOn, theirs: theirs.startDay, mine: values.startDay },
                { label: sharedLabels.nights, theirs: theirs.nights, mine: values.nights },
                {
                  label: 'Reserve',
                  theirs: formatQuantity({ value: theirs.reserveShare, role: 'share' }, system),
                  mine: `${values.reserve} %`,
                },
              ]}
              takeTheirs={() => {
                form.forget()
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
                  : 'Correct the marked field: the sum appears here again.'}
              </p>
            </SlipPaper>
          )}
        </div>
      </div>
      {judgment && (
        <section className="mt-4" aria-label={sharedLabels.findings}>
          <h2>{sharedLabels.beforeLeaving}</h2>
          <FindingList findings={judgment.findings} />
        </section>
      )}
    </form>
  )
}
