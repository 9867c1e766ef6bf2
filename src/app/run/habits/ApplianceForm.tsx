'use client'

import Form from 'react-bootstrap/Form'
import { archiveApplianceAction, saveApplianceAction } from '@/actions/run'
import { assumed, isAssumed, type QuantitySources, withoutSource } from '@/core/base/provenance'
import { supplies, type Supply } from '@/core/cylinders/cylinderKind'
import { formatQuantity } from '@/core/units/formatQuantity'
import { Choice } from '@/ui/fields/Choice'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { QuantityField } from '@/ui/fields/QuantityField'
import { isEmpty, readQuantity, shownText, typedOf, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { Term } from '@/ui/figures/Term'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { FormActions } from '@/ui/fields/FormActions'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useNotice } from '@/ui/state/UndoProvider'
import { supplyOptionLabels, type RunAppliance } from '@/app/run/runAppliance'
import { type ApplianceKind, applianceKinds, applianceTraits } from '@/core/appliances/applianceKinds'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

interface ApplianceValues {
  name: string
  kind: ApplianceKind
  input: TypedQuantity
  rated: TypedQuantity
  sources: QuantitySources
  supply: Supply
  pilot: TypedQuantity
  /** Amperes from the battery while it burns. */
  current: string
  needsBattery: boolean
  cylinderId: string
}

/** Form for one appliance. */
export function ApplianceForm({
  rigId,
  stored,
  cylinders,
  close,
}: {
  rigId: string
  stored: RunAppliance | null
  /** Propane cylinders of the rig that it may use alone. */
  cylinders: readonly { id: string; name: string }[]
  close: () => void
}) {
  const { system } = useUnits()
  const initial: ApplianceValues = {
    name: stored?.name ?? '',
    kind: stored?.kind ?? 'other',
    input: typedOf(stored?.inputW ?? null, 'power', system),
    rated: typedOf(stored?.ratedInputW ?? null, 'power', system),
    sources: stored?.sources ?? {},
    supply: stored?.supply ?? 'line',
    pilot: typedOf(stored && stored.pilotW > 0 ? stored.pilotW : null, 'power', system),
    current: stored && stored.currentA > 0 ? String(stored.currentA) : '',
    needsBattery: stored?.needsBattery ?? false,
    cylinderId: stored?.cylinderId ?? '',
  }
  const say = useNotice()
  const form = useSavedForm({
    slot: `appliance ${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    initial,
    send: saveApplianceAction,
  })
  const { values, set, saving, issueAt } = form
  const theirs = saving.conflict

  const typedCurrent = Number(values.current.replace(',', '.'))
  const currentIssue = typedCurrent >= 0 && typedCurrent <= 200 ? null : 'Amperes as a number, such as 6.'
  const takeKind = (kind: ApplianceKind): void => {
    const usual = applianceTraits[kind]
    // What is usual fills only what is still empty or was usual before.
    const before = applianceTraits[values.kind]
    const power = (value: number): TypedQuantity => typedOf(value > 0 ? value : null, 'power', system)
    const isStill = (typed: TypedQuantity, value: number): boolean =>
      shownText(typed, 'power', system) === power(value).text
    set({
      kind,
      needsBattery: usual.needsBattery,
      ...((values.name === '' || values.name === before.name) && { name: usual.name }),
      ...((isEmpty(values.input) || isStill(values.input, before.inputW)) && {
        input: power(usual.inputW),
        sources: { ...values.sources, inputW: assumed() },
      }),
      ...(isStill(values.pilot, before.pilotW) && { pilot: power(usual.pilotW) }),
      ...((values.current === '' || typedCurrent === before.currentA) && {
        current: usual.currentA > 0 ? String(usual.currentA) : '',
      }),
      ...(usual.supply === 'bottles' && { supply: 'bottles' }),
    })
  }
  const leave = (): void => {
    form.forget()
    close()
  }
  const submit = async (version: number | null): Promise<void> => {
    const sent = form.latest()
    const input = readQuantity(sent.input, 'power')
    const pilot = readQuantity(sent.pilot, 'power')
    const rated = readQuantity(sent.rated, 'power')
    if (input.issue || rated.issue || pilot.issue || currentIssue !== null) return
    const saved = await form.save(
      {
        id: stored?.id ?? null,
        rigId,
        version,
        name: sent.name,
        inputW: input.value ?? 0,
        supply: sent.supply,
        kind: sent.kind,
        pilotW: pilot.value ?? 0,
        currentA: Number(sent.current.replace(',', '.')),
        needsBattery: sent.needsBattery,
        cylinderId: sent.cylinderId === '' ? null : sent.cylinderId,
        ratedInputW: rated.value,
        sources: sent.sources,
      },
      version,
    )
    if (!saved) return
    say({ done: `${sent.name} saved` })
    leave()
  }
  return (
    <form
      className="py-3"
      noValidate
      aria-label={stored ? `Change ${stored.name}` : runLabels.aNewAppliance}
      onSubmit={(event) => {
        event.preventDefault()
        void submit(form.baseVersion)
      }}
    >
      <div className="fields">
        <Choice
          id="appliance-kind"
          label={sharedLabels.kind}
          value={values.kind}
          options={applianceKinds.map((kind) => [kind, applianceTraits[kind].name] as const)}
          set={takeKind}
        />
        <div>
          <Form.Label htmlFor="appliance-name">What it is</Form.Label>
          <Form.Control
            id="appliance-name"
            maxLength={60}
            autoFocus
            value={values.name}
            onChange={(event) => set({ name: event.target.value })}
            placeholder={runLabels.panelHeater}
          />
          {issueAt('name') && (
            <p className="issue" role="alert">
              {issueAt('name')}
            </p>
          )}
        </div>
        <QuantityField
          label={<Term id="input">{sharedLabels.heatInput}</Term>}
          role="power"
          typed={values.input}
          issue={issueAt('inputW')}
          hint={
            isAssumed(values.sources, 'inputW') ? 'assumed: usual of its kind' : 'as you use it: 9,000 BTU/h, 2.6 kW'
          }
          onTyped={(input) => set({ input, sources: withoutSource(values.sources, 'inputW') })}
        />
        <QuantityField
          label={runLabels.allBurnersAtFull}
          role="power"
          optional
          typed={values.rated}
          issue={issueAt('ratedInputW')}
          hint="from its plate; lines, pressure and air are sized by it"
          onTyped={(rated) => set({ rated })}
        />
        <div>
          <Form.Label htmlFor="appliance-supply">Where it gets its gas</Form.Label>
          <Form.Select
            id="appliance-supply"
            value={values.supply}
            onChange={(event) => set({ supply: event.target.value as Supply })}
          >
            {supplies.map((supply) => (
              <option key={supply} value={supply}>
                {supplyOptionLabels[supply]}
              </option>
            ))}
          </Form.Select>
        </div>
        <QuantityField
          label={<Term id="pilot">{runLabels.standingPilot}</Term>}
          role="power"
          optional
          typed={values.pilot}
          issue={issueAt('pilotW')}
          hint="left empty: none"
          onTyped={(pilot) => set({ pilot, sources: withoutSource(values.sources, 'pilotW') })}
        />
        <div>
          <Form.Label htmlFor="appliance-current">{runLabels.n12VWhileItBurnsIn}</Form.Label>
          <Form.Control
            id="appliance-current"
            inputMode="decimal"
            value={values.current}
            onChange={(event) => set({ current: event.target.value })}
          />
          <Form.Check
            id="appliance-needs"
            label="it does not burn without"
            checked={values.needsBattery}
            onChange={(event) => set({ needsBattery: event.target.checked })}
          />
          {(currentIssue ?? issueAt('currentA')) && <p className="issue">{currentIssue ?? issueAt('currentA')}</p>}
        </div>
        {values.supply === 'line' && (
          <Choice
            id="appliance-cylinder"
            label="A cylinder of its own"
            value={values.cylinderId}
            options={[['', 'no: with the rest of the line'], ...cylinders.map(({ id, name }) => [id, name] as const)]}
            set={(cylinderId) => set({ cylinderId })}
          />
        )}
      </div>
      <p className="hint">Numbers that are filled in are what is usual of its kind: its plate comes first.</p>
      <FormActions
        label={runLabels.saveTheAppliance}
        saving={saving}
        dirty={form.dirty}
        leave={leave}
        stored={stored}
        archive={archiveApplianceAction}
      />
      {theirs && (
        <ConflictNote
          rows={[
            { label: 'What it is', theirs: theirs.name, mine: values.name },
            {
              label: sharedLabels.heatInput,
              theirs: formatQuantity({ value: theirs.inputW, role: 'power' }, system),
              mine: values.input.text,
            },
          ]}
          takeTheirs={leave}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
