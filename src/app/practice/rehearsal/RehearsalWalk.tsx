'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { recordRehearsalAction } from '@/actions/practice'
import { emergencies } from '@/ui/shell/emergencies'
import { useSave } from '@/ui/state/useSave'
import { useSessionState } from '@/ui/state/useSessionState'
import { practiceLabels } from '@/ui/terms/practiceLabels'

/** The emergency sheets, walked one after the other; the first step of each is seen without opening it. */
export function RehearsalWalk({ rigId }: { rigId: string | null }) {
  const [walked, setWalked, forgetWalked] = useSessionState<readonly string[]>('rehearsal walked', [])
  const [people, setPeople, forgetPeople] = useSessionState('rehearsal people', '')
  const [note, setNote, forgetNote] = useSessionState('rehearsal note', '')
  const [isDone, setDone] = useState(false)
  const { save, saving, issueAt } = useSave(recordRehearsalAction)
  const toggle = (id: string): void => {
    setDone(false)
    setWalked(walked.includes(id) ? walked.filter((one) => one !== id) : [...walked, id])
  }
  const submit = async (): Promise<void> => {
    const count = people.trim() === '' ? 0 : Number(people)
    const saved = await save({
      rigId: rigId ?? '',
      people: Number.isFinite(count) ? count : 0,
      sheets: [...walked],
      note: note.trim() || null,
    })
    if (!saved) return
    forgetWalked()
    forgetPeople()
    forgetNote()
    setDone(true)
  }
  return (
    <section aria-label="Emergency sheets">
      <h2>
        {walked.length} of {emergencies.length} walked
      </h2>
      <ol className="rehearsal">
        {emergencies.map(({ id, title, when, steps }) => (
          <li key={id}>
            <Form.Check
              id={`walked-${id}`}
              checked={walked.includes(id)}
              onChange={() => toggle(id)}
              label={
                <>
                  <strong>{title}</strong> <small>{when}</small>
                </>
              }
            />
            <p className="first-step">First: {steps[0]}</p>
            <details>
              <summary>All {steps.length} steps</summary>
              <ol>
                {steps.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </ol>
            </details>
          </li>
        ))}
      </ol>
      <div role="alert">{issueAt('sheets') && <p className="issue">{issueAt('sheets')}</p>}</div>
      <div className="fields">
        <div>
          <Form.Label htmlFor="rehearsal-people">{practiceLabels.peopleAboard}</Form.Label>
          <Form.Control
            id="rehearsal-people"
            inputMode="numeric"
            value={people}
            aria-invalid={issueAt('people') !== null}
            onChange={(event) => setPeople(event.target.value)}
          />
          <div role="alert">{issueAt('people') && <p className="issue mb-0">{issueAt('people')}</p>}</div>
        </div>
        <div>
          <Form.Label htmlFor="rehearsal-note">Note, optional</Form.Label>
          <Form.Control
            id="rehearsal-note"
            value={note}
            maxLength={300}
            onChange={(event) => setNote(event.target.value)}
          />
        </div>
      </div>
      <div className="save-line">
        <Button disabled={rigId === null || saving.state === 'saving'} onClick={() => void submit()}>
          {practiceLabels.saveRehearsal}
        </Button>
        <span role="status" className="word-state">
          {isDone ? 'Saved. It is in your logbook.' : (issueAt('') ?? issueAt('rigId'))}
        </span>
      </div>
    </section>
  )
}
