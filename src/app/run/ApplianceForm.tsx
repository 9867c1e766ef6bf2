'use client'

import Form from 'react-bootstrap/Form'
import { useForm, useWatch } from 'react-hook-form'
import { archiveApplianceAction, saveApplianceAction } from '@/actions/run'
import { supplies, type Supply } from '@/core/cylinders/cylinderKind'
import { formatForField } from '@/core/units/formatForField'
import { formatQuantity } from '@/core/units/formatQuantity'
import { ConflictNote } from '@/ui/ConflictNote'
import { QuantityField } from '@/ui/QuantityField'
import { readQuantity } from '@/ui/readQuantity'
import { Term } from '@/ui/Term'
import { useDraft } from '@/ui/useDraft'
import { FormFoot } from '@/app/FormFoot'
import { useSave } from '@/ui/useSave'
import { useNotice } from '@/ui/UndoProvider'
import { useUnits } from '@/ui/UnitsProvider'
import { supplyWords, type RunAppliance } from './runAppliance'

interface ApplianceValues {
  name: string
  input: string
  supply: Supply
}

/** Enter or change one appliance. */
export function ApplianceForm({
  rigId,
  stored,
  close,
}: {
  rigId: string
  stored: RunAppliance | null
  close: () => void
}) {
  const { system } = useUnits()
  const initial: ApplianceValues = {
    name: stored?.name ?? '',
    input: stored ? formatForField({ value: stored.inputW, role: 'power' }, system) : '',
    supply: stored?.supply ?? 'line',
  }
  const form = useForm<ApplianceValues>({ defaultValues: initial })
  const say = useNotice()
  const draft = useDraft(`appliance ${stored?.id ?? 'new'}`, stored?.version ?? 0, form)
  const values: ApplianceValues = { ...initial, ...useWatch({ control: form.control }) }
  const { save, saving, issueAt, settle } = useSave(saveApplianceAction)
  const theirs = saving.conflict as unknown as RunAppliance | null

  const leave = (): void => {
    draft.forget()
    close()
  }
  const submit = async (version: number): Promise<void> => {
    // Read from the form itself: what was drawn last may lag behind what was typed last.
    const sent = form.getValues()
    const input = readQuantity(sent.input, 'power', system)
    if (input.issue) return
    draft.forget()
    const saved = await save({
      id: stored?.id ?? null,
      rigId,
      version: stored && version,
      name: sent.name,
      inputW: input.value ?? 0,
      supply: sent.supply,
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
            settle()
            form.setValue('input', text, { shouldDirty: true })
          }}
        />
        <div>
          <Form.Label htmlFor="appliance-supply">Where it gets its gas</Form.Label>
          <Form.Select id="appliance-supply" {...form.register('supply')}>
            {supplies.map((supply) => (
              <option key={supply} value={supply}>
                {supplyWords[supply]}
              </option>
            ))}
          </Form.Select>
        </div>
      </div>
      <FormFoot
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
