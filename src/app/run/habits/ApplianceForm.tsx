'use client'

import Form from 'react-bootstrap/Form'
import { useForm, useWatch } from 'react-hook-form'
import { archiveApplianceAction, saveApplianceAction } from '@/actions/run'
import { supplies, type Supply } from '@/core/cylinders/cylinderKind'
import { formatForField, formatQuantity } from '@/core/units/formatQuantity'
import { Choice } from '@/ui/fields/Choice'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { QuantityField } from '@/ui/fields/QuantityField'
import { readQuantity } from '@/ui/fields/readQuantity'
import { Term } from '@/ui/figures/Term'
import { useDraft } from '@/ui/state/useDraft'
import { FormActions } from '@/ui/fields/FormActions'
import { useSave } from '@/ui/state/useSave'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useNotice } from '@/ui/state/UndoProvider'
import { supplyOptionLabels, type RunAppliance } from '@/app/run/runAppliance'
import { type ApplianceKind, applianceKinds, applianceTraits } from '@/core/appliances/applianceKinds'

interface ApplianceValues {
  name: string
  kind: ApplianceKind
  input: string
  supply: Supply
  pilot: string
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
    input: stored ? formatForField({ value: stored.inputW, role: 'power' }, system) : '',
    supply: stored?.supply ?? 'line',
    pilot: stored && stored.pilotW > 0 ? formatForField({ value: stored.pilotW, role: 'power' }, system) : '',
    current: stored && stored.currentA > 0 ? String(stored.currentA) : '',
    needsBattery: stored?.needsBattery ?? false,
    cylinderId: stored?.cylinderId ?? '',
  }
  const form = useForm<ApplianceValues>({ defaultValues: initial })
  const say = useNotice()
  const draft = useDraft(`appliance ${stored?.id ?? 'new'}`, stored?.version ?? 0, form)
  const values: ApplianceValues = { ...initial, ...useWatch({ control: form.control }) }
  const { save, saving, issueAt, resetSaving } = useSave(saveApplianceAction)
  const theirs = saving.conflict

  const typedCurrent = Number(values.current.replace(',', '.'))
  const currentIssue = typedCurrent >= 0 && typedCurrent <= 200 ? null : 'Amperes as a number, such as 6.'
  const takeKind = (kind: ApplianceKind): void => {
    resetSaving()
    const usual = applianceTraits[kind]
    form.setValue('kind', kind, { shouldDirty: true })
    // What is usual fills only what is still empty or was usual before.
    const before = applianceTraits[values.kind]
    const power = (value: number): string => (value > 0 ? formatForField({ value, role: 'power' }, system) : '')
    if (values.name === '' || values.name === before.name) form.setValue('name', usual.name)
    if (values.input === '' || values.input === power(before.inputW)) form.setValue('input', power(usual.inputW))
    if (values.pilot === power(before.pilotW)) form.setValue('pilot', power(usual.pilotW))
    if (values.current === '' || typedCurrent === before.currentA) {
      form.setValue('current', usual.currentA > 0 ? String(usual.currentA) : '')
    }
    form.setValue('needsBattery', usual.needsBattery)
    if (applianceTraits[kind].supply === 'bottles') form.setValue('supply', 'bottles')
  }
  const leave = (): void => {
    draft.forget()
    close()
  }
  const submit = async (version: number): Promise<void> => {
    // Read from the form itself: what was drawn last may lag behind what was typed last.
    const sent = form.getValues()
    const input = readQuantity(sent.input, 'power', system)
    const pilot = readQuantity(sent.pilot, 'power', system)
    if (input.issue || pilot.issue || currentIssue !== null) return
    draft.forget()
    const saved = await save({
      id: stored?.id ?? null,
      rigId,
      version: stored && version,
      name: sent.name,
      inputW: input.value ?? 0,
      supply: sent.supply,
      kind: sent.kind,
      pilotW: pilot.value ?? 0,
      currentA: Number(sent.current.replace(',', '.')),
      needsBattery: sent.needsBattery,
      cylinderId: sent.cylinderId === '' ? null : sent.cylinderId,
    })
    if (!saved) return draft.keep()
    say({ done: `${sent.name} saved` })
    leave()
  }
  return (
    <form
      className="py-3"
      noValidate
      aria-label={stored ? `Change ${stored.name}` : 'A new appliance'}
      onSubmit={(event) => {
        event.preventDefault()
        void submit(draft.baseVersion())
      }}
    >
      <div className="fields">
        <Choice
          id="appliance-kind"
          label="Kind"
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
            {...form.register('name')}
            placeholder="Panel heater"
          />
          {issueAt('name') && (
            <p className="issue" role="alert">
              {issueAt('name')}
            </p>
          )}
        </div>
        <QuantityField
          label={<Term id="input">Heat input</Term>}
          role="power"
          text={values.input}
          issue={issueAt('inputW')}
          hint="from its plate: 9,000 BTU/h, 2.6 kW"
          onText={(text) => {
            resetSaving()
            form.setValue('input', text, { shouldDirty: true })
          }}
        />
        <div>
          <Form.Label htmlFor="appliance-supply">Where it gets its gas</Form.Label>
          <Form.Select id="appliance-supply" {...form.register('supply')}>
            {supplies.map((supply) => (
              <option key={supply} value={supply}>
                {supplyOptionLabels[supply]}
              </option>
            ))}
          </Form.Select>
        </div>
        <QuantityField
          label={<Term id="pilot">Standing pilot</Term>}
          role="power"
          optional
          text={values.pilot}
          issue={issueAt('pilotW')}
          hint="left empty: none"
          onText={(text) => {
            resetSaving()
            form.setValue('pilot', text, { shouldDirty: true })
          }}
        />
        <div>
          <Form.Label htmlFor="appliance-current">12 V while it burns, in A</Form.Label>
          <Form.Control id="appliance-current" inputMode="decimal" {...form.register('current')} />
          <Form.Check id="appliance-needs" label="it does not burn without" {...form.register('needsBattery')} />
          {(currentIssue ?? issueAt('currentA')) && <p className="issue">{currentIssue ?? issueAt('currentA')}</p>}
        </div>
        {values.supply === 'line' && (
          <Choice
            id="appliance-cylinder"
            label="A cylinder of its own"
            value={values.cylinderId}
            options={[['', 'no: with the rest of the line'], ...cylinders.map(({ id, name }) => [id, name] as const)]}
            set={(id) => form.setValue('cylinderId', id, { shouldDirty: true })}
          />
        )}
      </div>
      <p className="hint">Numbers that are filled in are what is usual of its kind: its plate comes first.</p>
      <FormActions
        label="Save the appliance"
        saving={saving}
        dirty={form.formState.isDirty}
        leave={leave}
        stored={stored}
        archive={archiveApplianceAction}
      />
      {theirs && (
        <ConflictNote
          rows={[
            { label: 'What it is', theirs: theirs.name, mine: values.name },
            {
              label: 'Heat input',
              theirs: formatQuantity({ value: theirs.inputW, role: 'power' }, system),
              mine: values.input,
            },
          ]}
          takeTheirs={leave}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
