'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useForm, useWatch } from 'react-hook-form'
import { saveCylinderAction } from '@/actions/cylinders'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import { formatQuantity, formatForField } from '@/core/units/formatQuantity'
import type { TypicalSize } from '@/core/cylinders/typicalSizes'
import { PhraseText } from '@/ui/figures/Amount'
import { CollarDrawing } from '@/ui/drawings/CollarDrawing'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { SaveBar } from '@/ui/fields/SaveBar'
import { StateMark } from '@/ui/figures/StateMark'
import { useDraft } from '@/ui/state/useDraft'
import { useSave } from '@/ui/state/useSave'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useNotice } from '@/ui/state/UndoProvider'
import { SizePicker } from './SizePicker'
import { StampFields } from './StampFields'
import {
  fieldsOfCollar,
  massRoleOf,
  readStampFields,
  stampValues,
  waterField,
  type StampValues,
  type StoredStamps,
} from './stampValues'

const MAX_COLLAR = 400

/** Form for the collar as stamped, with what was read; every field can be corrected. */
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
  const form = useForm<StampValues>({ defaultValues: stampValues(stored, system) })
  const say = useNotice()
  const draft = useDraft(`stamps ${stored?.id ?? 'new'}`, stored?.version ?? 0, form)
  const values = { ...stampValues(stored, system), ...useWatch({ control: form.control }) }
  const { save, saving, issueAt, resetSaving } = useSave(saveCylinderAction)
  const [asked, setAsked] = useState(false)
  const reading = readStamps(values.collar.slice(0, MAX_COLLAR), thisMonth)
  const { issues, doubts } = readStampFields(values, thisMonth, system)

  const set = (change: Partial<StampValues>): void => {
    resetSaving()
    for (const [name, value] of Object.entries(change)) {
      form.setValue(name as keyof StampValues, value, { shouldDirty: true })
    }
  }
  const takeSize = ({ kind, tareKg, waterCapacityKg, labelNetKg, name }: TypicalSize): void => {
    const role = massRoleOf(kind)
    set({
      kind,
      tare: formatForField({ value: tareKg, role }, system),
      water: waterField(waterCapacityKg, kind, system),
      label: labelNetKg === null ? '' : formatForField({ value: labelNetKg, role }, system),
      ...(values.name === '' && { name }),
    })
  }
  // An impossible part blocks saving; an unread one does not.
  const collarWrong = reading.parts.some(({ issue }) => issue !== null)
  const submit = async (version: number): Promise<void> => {
    if (collarWrong) return setAsked(true)
    // Read from the form itself: what was drawn last may lag behind what was typed last.
    const { entry } = readStampFields(form.getValues(), thisMonth, system)
    // An unreadable field shows its own sentence; nothing is saved meanwhile.
    if (entry === null) return
    draft.forget()
    const saved = await save({ id: stored?.id ?? null, rigId, version: stored && version, ...entry })
    if (!saved) return draft.keep()
    say({ done: `Stamps of ${form.getValues('name')} saved` })
    router.push(`/cylinders/${saved.value.id}`)
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
      <div className="collar-and-size">
        <div>
          <Form.Label htmlFor="collar">The collar, as stamped</Form.Label>
          <Form.Control
            id="collar"
            as="textarea"
            rows={2}
            value={values.collar}
            maxLength={MAX_COLLAR}
            spellCheck={false}
            autoComplete="off"
            placeholder="TW 17.8 WC 47.6 DOT-4BA240 06-11 E 05-25"
            onChange={(event) => {
              const collar = event.target.value
              set({ collar, ...fieldsOfCollar(readStamps(collar, thisMonth), values.kind, system) })
            }}
          />
          <p className="hint mb-2">
            In any order; what was read stands below, and in the fields, where it can be corrected.
          </p>
          {collarWrong && asked && (
            <p className="issue" role="alert">
              Correct or take out the part that is marked below; nothing was saved.
            </p>
          )}
          <CollarDrawing parts={reading.parts} />
        </div>
        <SizePicker take={takeSize} />
      </div>
      <StampFields values={values} set={set} issues={issues} issueAt={issueAt} thisMonth={thisMonth} />
      {doubts.length > 0 && (
        <ul className="findings" aria-label="Asked again">
          {doubts.map(({ code, sentence }) => (
            <li key={code}>
              <StateMark state="fix-first" />
              <div>
                <strong>
                  <PhraseText phrase={sentence} />
                </strong>
              </div>
            </li>
          ))}
          <li>
            <span />
            <Form.Check
              id="confirmed"
              label="I looked again: it is stamped so"
              checked={values.confirmed}
              onChange={(event) => set({ confirmed: event.target.checked })}
            />
          </li>
        </ul>
      )}
      <SaveBar label="Save the stamps" saving={saving} dirty={form.formState.isDirty} />
      {theirs && (
        <ConflictNote
          rows={[
            { label: 'Name', theirs: theirs.name, mine: values.name },
            {
              label: 'Tare',
              theirs: formatQuantity({ value: theirs.tareKg, role: massRoleOf(theirs.kind) }, system),
              mine: values.tare,
            },
            {
              label: 'Water capacity',
              theirs: formatQuantity({ value: theirs.waterCapacityKg, role: massRoleOf(theirs.kind) }, system),
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
