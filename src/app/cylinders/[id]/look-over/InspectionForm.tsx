'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { saveInspectionAction } from '@/actions/cylinders'
import { voidEventAction } from '@/actions/log'
import type { Inspection } from '@/core/cylinders/cylinderGear'
import type { InspectionAnswer, InspectionAnswers, InspectionItem } from '@/core/cylinders/inspection/inspectionItems'
import { DateTime } from '@/ui/figures/DateTime'
import { SaveBar } from '@/ui/fields/SaveBar'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

const answerLabels: readonly [InspectionAnswer, string][] = [
  ['sound', cylindersLabels.sound],
  ['bad', cylindersLabels.notSo],
]

const nothingLookedAt: { answers: InspectionAnswers; note: string } = { answers: {}, note: '' }

/** Inspection form, usable with one thumb; a disqualifying item shows its consequence at once. */
export function InspectionForm({
  cylinderId,
  name,
  items,
  last,
}: {
  cylinderId: string
  name: string
  items: readonly InspectionItem[]
  last: Inspection | null
}) {
  const say = useNotice()
  const form = useSavedForm({ slot: `look ${cylinderId}`, initial: nothingLookedAt, send: saveInspectionAction })
  const { values, set, saving, issueAt } = form
  const { answers, note } = values
  const [open, setOpen] = useState<string | null>(null)
  const looked = items.filter(({ id }) => answers[id] !== undefined).length
  const disqualifying = items.filter(({ id, retires }) => retires && answers[id] === 'bad')

  return (
    <form
      noValidate
      aria-label={cylindersLabels.lookOver}
      onSubmit={async (event) => {
        event.preventDefault()
        const saved = await form.save({ cylinderId, answers, note: note.trim() || null })
        if (!saved) return
        say({
          done: `Look-over of ${name} saved`,
          undo: async () =>
            (await voidEventAction({ of: 'look-over', id: saved.value.id, reason: 'Undone right after it was saved' }))
              .ok,
        })
      }}
    >
      <p className="hint">
        {last ? (
          <>
            Last looked over <DateTime iso={last.lookedAt} />.
          </>
        ) : (
          'Not looked over yet.'
        )}{' '}
        Outdoors, in good light, before each trip.
      </p>
      <ol className="look-list">
        {items.map(({ id, title, why, retires }) => (
          <li key={id} className={answers[id] ?? ''}>
            <fieldset>
              <legend>
                <button
                  type="button"
                  className="term"
                  aria-expanded={open === id}
                  onClick={() => setOpen(open === id ? null : id)}
                >
                  {title}
                </button>
                {retires && <small> out of service if not</small>}
              </legend>
              <div className="look-answers">
                {answerLabels.map(([answer, word]) => (
                  <label key={answer} className={`look-answer ${answer}`}>
                    <input
                      type="radio"
                      name={id}
                      checked={answers[id] === answer}
                      onChange={() => set({ answers: { ...form.latest().answers, [id]: answer } })}
                    />
                    <span>{word}</span>
                  </label>
                ))}
              </div>
              {open === id && <p className="hint mb-0">{why}</p>}
            </fieldset>
          </li>
        ))}
      </ol>
      {disqualifying.length > 0 && (
        <p className="issue" role="alert">
          Saved so, it is out of service: neither used nor filled until a licensed inspector has cleared it.
        </p>
      )}
      <Form.Label htmlFor="look-note">{cylindersLabels.anythingElseSeen}</Form.Label>
      <Form.Control
        id="look-note"
        value={note}
        maxLength={300}
        onChange={(event) => set({ note: event.target.value })}
      />
      {issueAt('answers') && (
        <p className="issue" role="alert">
          {issueAt('answers')}
        </p>
      )}
      <SaveBar label={cylindersLabels.saveTheLookOver} saving={saving} dirty={looked > 0}>
        <span>
          {looked} of {items.length} looked at
        </span>
      </SaveBar>
    </form>
  )
}
