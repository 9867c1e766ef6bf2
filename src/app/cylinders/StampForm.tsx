'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { saveCylinderAction } from '@/actions/cylinders'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import { formatQuantity } from '@/core/units/formatQuantity'
import { assumedSources, type TypicalSize } from '@/core/cylinders/typicalSizes'
import { PhraseText } from '@/ui/figures/Amount'
import { CollarDrawing } from '@/ui/drawings/CollarDrawing'
import { ConflictNote } from '@/ui/shell/ConflictNote'
import { SaveBar } from '@/ui/fields/SaveBar'
import { StateMark } from '@/ui/figures/StateMark'
import { typedOf } from '@/ui/fields/typedQuantity'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useNotice } from '@/ui/state/UndoProvider'
import { SizePicker } from './SizePicker'
import { StampFields } from './StampFields'
import { retypedCollar, massRoleOf, readStampFields, stampValues, waterField, type StoredStamps } from './stampValues'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

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
  const say = useNotice()
  const form = useSavedForm({
    slot: `stamps ${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    initial: stampValues(stored, system),
    send: saveCylinderAction,
  })
  const { values, set, saving, issueAt } = form
  const [asked, setAsked] = useState(false)
  const reading = readStamps(values.collar.slice(0, MAX_COLLAR), thisMonth)
  const { issues, doubts } = readStampFields(values, thisMonth)

  const takeSize = (size: TypicalSize): void => {
    const { kind, tareKg, waterCapacityKg, labelNetKg, name } = size
    const role = massRoleOf(kind)
    set({
      kind,
      tare: typedOf(tareKg, role, system),
      water: waterField(waterCapacityKg, kind, system),
      label: typedOf(labelNetKg, role, system),
      sources: assumedSources(size),
      ...(values.name === '' && { name }),
    })
  }
  // An impossible part blocks saving; an unread one does not.
  const collarWrong = reading.parts.some(({ issue }) => issue !== null)
  const submit = async (version: number | null): Promise<void> => {
    if (collarWrong) return setAsked(true)
    const { entry } = readStampFields(form.latest(), thisMonth)
    // An unreadable field shows its own sentence; nothing is saved meanwhile.
    if (entry === null) return
    const saved = await form.save({ id: stored?.id ?? null, rigId, version, ...entry }, version)
    if (!saved) return
    say({ done: `Stamps of ${entry.name} saved` })
    router.push(`/cylinders/${saved.value.id}`)
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
      <div className="collar-and-size">
        <div>
          <Form.Label htmlFor="collar">{cylindersLabels.theCollarAsStamped}</Form.Label>
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
              set(retypedCollar(form.latest(), collar, thisMonth, system))
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
              label={cylindersLabels.iLookedAgainItIsStamped}
              checked={values.confirmed}
              onChange={(event) => set({ confirmed: event.target.checked })}
            />
          </li>
        </ul>
      )}
      <SaveBar label={cylindersLabels.saveTheStamps} saving={saving} dirty={form.dirty} />
      {theirs && (
        <ConflictNote
          rows={[
            { label: 'Name', theirs: theirs.name, mine: values.name },
            {
              label: 'Tare',
              theirs: formatQuantity({ value: theirs.tareKg, role: massRoleOf(theirs.kind) }, system),
              mine: values.tare.text,
            },
            {
              label: 'Water capacity',
              theirs: formatQuantity({ value: theirs.waterCapacityKg, role: massRoleOf(theirs.kind) }, system),
              mine: values.water.text,
            },
            { label: 'Comes along', theirs: theirs.aboard ? 'yes' : 'no', mine: values.aboard ? 'yes' : 'no' },
          ]}
          takeTheirs={() => {
            form.forget()
            router.push(`/cylinders/${theirs.id}`)
          }}
          keepMine={() => void submit(theirs.version)}
        />
      )}
    </form>
  )
}
