'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { addMarkAction } from '@/actions/cylinders'
import { voidEventAction } from '@/actions/log'
import type { MarkLetter } from '@/core/cylinders/stamps/stampReading'
import { MonthField } from '@/ui/fields/MonthField'
import { PhotoField } from '@/ui/fields/PhotoField'
import { readMonthField } from '@/ui/fields/readMonthField'
import { SaveBar } from '@/ui/fields/SaveBar'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

const letters: readonly { value: string; letter: MarkLetter; words: string }[] = [
  { value: 'E', letter: 'E', words: 'E: external visual' },
  { value: 'S', letter: 'S', words: 'S: proof pressure' },
  { value: '', letter: null, words: 'no letter: volumetric' },
  { value: '?', letter: '?', words: 'a letter that cannot be read' },
]

interface MarkValues {
  month: string
  letter: string
  requalifier: string
  form: 'stamp' | 'sticker'
}

const blankMark: MarkValues = { month: '', letter: 'E', requalifier: '', form: 'stamp' }

/** Form for a new requalification mark: the only way to clear an overdue date. */
export function MarkForm({ cylinderId, name, thisMonth }: { cylinderId: string; name: string; thisMonth: string }) {
  const say = useNotice()
  const form = useSavedForm({ slot: `mark ${cylinderId}`, initial: blankMark, send: addMarkAction })
  const { values, set, saving, issueAt } = form
  const { month, letter, requalifier } = values
  const [photo, setPhoto] = useState<string | null>(null)
  const [asked, setAsked] = useState(false)
  const read = readMonthField(month, thisMonth)
  const missing = asked && month.trim() === '' ? 'Write month and year as on the collar, such as 03-20.' : null

  return (
    <form
      className="mt-4"
      noValidate
      aria-label="A new mark"
      onSubmit={async (event) => {
        event.preventDefault()
        setAsked(true)
        if (read.month === null) return
        const chosen = letters.find(({ value }) => value === letter)
        const saved = await form.save({
          cylinderId,
          month: read.month,
          letter: chosen?.letter ?? null,
          requalifier: requalifier.trim() || null,
          form: values.form,
          photo,
        })
        if (!saved) return
        setPhoto(null)
        setAsked(false)
        say({
          done: `New mark of ${name} saved`,
          undo: async () =>
            (await voidEventAction({ of: 'mark', id: saved.value.id, reason: 'Undone right after it was saved' })).ok,
        })
      }}
    >
      <h2>A new mark</h2>
      <p className="hint">Stamped or stuck on by whoever requalified it. Nothing else ends an overdue date.</p>
      <div className="fields">
        <MonthField
          label={cylindersLabels.monthAndYear}
          text={month}
          onText={(text) => set({ month: text })}
          latest={thisMonth}
          issue={missing ?? read.issue ?? issueAt('month')}
          hint="of the mark, such as 05-25"
        />
        <div>
          <Form.Label htmlFor="mark-letter">Letter</Form.Label>
          <Form.Select id="mark-letter" value={letter} onChange={(event) => set({ letter: event.target.value })}>
            {letters.map(({ value, words }) => (
              <option key={words} value={value}>
                {words}
              </option>
            ))}
          </Form.Select>
        </div>
        <div>
          <Form.Label htmlFor="mark-requalifier">Requalifier’s number</Form.Label>
          <Form.Control
            id="mark-requalifier"
            value={requalifier}
            maxLength={12}
            placeholder="A123"
            onChange={(event) => set({ requalifier: event.target.value })}
          />
          <p className="hint mb-0">may stay empty</p>
        </div>
        <div>
          <Form.Label htmlFor="mark-form">Where it stands</Form.Label>
          <Form.Select
            id="mark-form"
            value={values.form}
            onChange={(event) => set({ form: event.target.value as MarkValues['form'] })}
          >
            <option value="stamp">stamped into the collar</option>
            <option value="sticker">on a sticker</option>
          </Form.Select>
        </div>
        <PhotoField label={cylindersLabels.photoOfIt} photo={photo} onPhoto={setPhoto} issue={issueAt('photo')} />
      </div>
      <SaveBar label={cylindersLabels.saveTheMark} saving={saving} dirty={month !== ''} />
    </form>
  )
}
