'use client'

import { useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
import { Controller, useForm, useWatch } from 'react-hook-form'
import { saveCylinderAction } from '@/actions/cylinders'
import { cylinderKinds, kindFacts, type CylinderKind } from '@/core/cylinders/cylinderKind'
import { readMonth } from '@/core/cylinders/readMonth'
import { typicalSizes } from '@/core/cylinders/typicalSizes'
import { InputError } from '@/core/findings/InputError'
import type { DisplayRole } from '@/core/findings/quantity'
import { formatForField } from '@/core/units/formatForField'
import { formatQuantity } from '@/core/units/formatQuantity'
import { ConflictNote } from '@/ui/ConflictNote'
import { QuantityField } from '@/ui/QuantityField'
import { readQuantity } from '@/ui/readQuantity'
import { SaveLine } from '@/ui/SaveLine'
import { Term } from '@/ui/Term'
import { useDraft } from '@/ui/useDraft'
import { useSave } from '@/ui/useSave'
import { useNotice } from '@/ui/UndoProvider'
import { useUnits } from '@/ui/UnitsProvider'

/** A stored cylinder as the form begins from it. */
export interface StoredStamps {
  id: string
  version: number
  name: string
  kind: CylinderKind
  tareKg: number
  waterCapacityKg: number
  labelNetKg: number | null
  manufacturedMonth: string | null
  specification: string | null
  aboard: boolean
}

interface StampValues {
  name: string
  kind: CylinderKind
  tare: string
  water: string
  label: string
  month: string
  specification: string
  aboard: boolean
}

/** A fixed tank cannot be stood on a scale; it comes with the reading of its gauge. */
const offeredKinds = cylinderKinds.filter((kind) => kind !== 'onboard')

function massRoleOf(kind: CylinderKind): DisplayRole {
  return kindFacts[kind].small ? 'bottleMass' : 'cylinderMass'
}

function monthOf(text: string, thisMonth: string): { month: string | null; issue: string | null } {
  if (text.trim() === '') return { month: null, issue: null }
  try {
    return { month: readMonth(text, thisMonth), issue: null }
  } catch (error) {
    if (error instanceof InputError) return { month: null, issue: error.message }
    throw error
  }
}

/** Enter or correct what is stamped on a collar. */
export function StampForm({
  rigId,
  stored,
  thisMonth,
}: {
  rigId: string
  stored: StoredStamps | null
  thisMonth: string
}) {
  const router = useRouter()
  const { system } = useUnits()
  const shown = (value: number | null, kind: CylinderKind): string =>
    value === null ? '' : formatForField({ value, role: massRoleOf(kind) }, system)
  const asValues = (from: StoredStamps | null): StampValues => ({
    name: from?.name ?? '',
    kind: from?.kind ?? 'removable',
    tare: from ? shown(from.tareKg, from.kind) : '',
    water: from ? shown(from.waterCapacityKg, from.kind) : '',
    label: from ? shown(from.labelNetKg, from.kind) : '',
    month: from?.manufacturedMonth ?? '',
    specification: from?.specification ?? '',
    aboard: from?.aboard ?? true,
  })
  const form = useForm<StampValues>({ defaultValues: asValues(stored) })
  const say = useNotice()
  const draft = useDraft(`stamps ${stored?.id ?? 'new'}`, stored?.version ?? 0, form)
  const values = { ...asValues(stored), ...useWatch({ control: form.control }) }
  const { save, saving, issueAt, settle } = useSave(saveCylinderAction)
  const massRole = massRoleOf(values.kind)
  const { small } = kindFacts[values.kind]

  const monthRead = monthOf(values.month, thisMonth)

  const submit = async (version: number): Promise<void> => {
    // Read from the form itself: what was drawn last may lag behind what was typed last.
    const sent = form.getValues()
    const role = massRoleOf(sent.kind)
    const isSmall = kindFacts[sent.kind].small
    const [tare, water, label] = [sent.tare, sent.water, sent.label].map((text) => readQuantity(text, role, system))
    const month = monthOf(sent.month, thisMonth)
    // A field that cannot be read keeps its own sentence; nothing is sent meanwhile.
    if (month.issue || tare?.issue || water?.issue || (isSmall && label?.issue)) return
    draft.forget()
    const saved = await save({
      id: stored?.id ?? null,
      rigId,
      version: stored && version,
      name: sent.name,
      kind: sent.kind,
      tareKg: tare?.value ?? 0,
      waterCapacityKg: water?.value ?? 0,
      labelNetKg: isSmall ? (label?.value ?? null) : null,
      manufacturedMonth: month.month,
      specification: sent.specification.trim() || null,
      aboard: sent.aboard,
    })
    if (!saved) return draft.keep()
    say({ done: `Stamps of ${sent.name} saved` })
    router.push(`/cylinders/${saved.value.id}`)
  }

  const takeSize = (id: string): void => {
    const size = typicalSizes.find((typical) => typical.id === id)
    if (!size) return
    form.setValue('kind', size.kind, { shouldDirty: true })
    form.setValue('tare', shown(size.tareKg, size.kind), { shouldDirty: true })
    form.setValue('water', shown(size.waterCapacityKg, size.kind), { shouldDirty: true })
    form.setValue('label', shown(size.labelNetKg, size.kind), { shouldDirty: true })
    if (values.name === '') form.setValue('name', size.name, { shouldDirty: true })
  }
  const quantity = (name: 'tare' | 'water' | 'label') => ({
    role: massRole,
    text: values[name],
    onText: (text: string) => {
      settle()
      form.setValue(name, text, { shouldDirty: true })
    },
  })
  const theirs = saving.conflict as unknown as StoredStamps | null

  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void submit(draft.baseVersion())
      }}
    >
      <div className="fields narrow">
        <div>
          <Form.Label htmlFor="size">Begin from a common size</Form.Label>
          <Form.Select id="size" value="" onChange={(event) => takeSize(event.target.value)}>
            <option value="">… or type the stamps below</option>
            {typicalSizes.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Form.Select>
          <p className="hint">Common values; the stamp on your collar comes first.</p>
        </div>
        <div>
          <Form.Label htmlFor="name">What you call it</Form.Label>
          <Form.Control id="name" maxLength={60} {...form.register('name')} aria-invalid={issueAt('name') !== null} />
          {issueAt('name') && <p className="issue">{issueAt('name')}</p>}
        </div>
        <div>
          <Form.Label htmlFor="kind">Kind</Form.Label>
          <Form.Select id="kind" {...form.register('kind')}>
            {offeredKinds.map((kind) => (
              <option key={kind} value={kind}>
                {kindFacts[kind].name}
              </option>
            ))}
          </Form.Select>
        </div>
        <QuantityField
          label={
            <>
              TW, the <Term id="tare">tare</Term>
            </>
          }
          hint="stamped on the collar"
          issue={issueAt('tareKg')}
          {...quantity('tare')}
        />
        <QuantityField
          label={
            <>
              WC, the <Term id="water-capacity">water capacity</Term>
            </>
          }
          hint="stamped on the collar, more than the tare on most"
          issue={issueAt('waterCapacityKg')}
          {...quantity('water')}
        />
        {small && (
          <QuantityField
            label="Net weight on the label"
            optional
            hint="such as 16.4 oz"
            issue={issueAt('labelNetKg')}
            {...quantity('label')}
          />
        )}
        <div>
          <Form.Label htmlFor="month">Month it was made</Form.Label>
          <Form.Control
            id="month"
            {...form.register('month')}
            placeholder="03-20"
            aria-invalid={monthRead.issue !== null}
          />
          {(monthRead.issue ?? issueAt('manufacturedMonth')) && (
            <p className="issue">{monthRead.issue ?? issueAt('manufacturedMonth')}</p>
          )}
          <p className="hint mb-0">as on the collar: 03-20; may stay empty</p>
        </div>
        <div>
          <Form.Label htmlFor="specification">Specification</Form.Label>
          <Form.Control
            id="specification"
            maxLength={40}
            {...form.register('specification')}
            placeholder="DOT-4BA240"
          />
          <p className="hint mb-0">may stay empty</p>
        </div>
        <Controller
          control={form.control}
          name="aboard"
          render={({ field }) => (
            <Form.Check
              id="aboard"
              label="Comes along on the trip"
              checked={field.value}
              onChange={(event) => field.onChange(event.target.checked)}
            />
          )}
        />
      </div>
      <SaveLine label="Save the stamps" saving={saving} dirty={form.formState.isDirty} />
      {theirs && (
        <ConflictNote
          rows={[
            { label: 'Name', theirs: theirs.name, mine: values.name },
            {
              label: 'Tare',
              theirs: formatQuantity({ value: theirs.tareKg, role: massRole }, system),
              mine: values.tare,
            },
            {
              label: 'Water capacity',
              theirs: formatQuantity({ value: theirs.waterCapacityKg, role: massRole }, system),
              mine: values.water,
            },
            { label: 'Comes along', theirs: theirs.aboard ? 'yes' : 'no', mine: values.aboard ? 'yes' : 'no' },
          ]}
          takeTheirs={() => {
            draft.forget()
            router.push(`/cylinders/${theirs.id}`)
          }}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
