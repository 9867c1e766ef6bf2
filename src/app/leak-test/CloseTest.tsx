'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { voidEventAction } from '@/actions/events'
import { closeLeakTestAction } from '@/actions/leakTest'
import { SaveLine } from '@/ui/SaveLine'
import { useNotice } from '@/ui/UndoProvider'
import { useSave } from '@/ui/useSave'

/** The end of the walk: one appliance is lit, then the test is closed. */
export function CloseTest({ testId, appliances }: { testId: string; appliances: readonly string[] }) {
  const { save, saving, issueAt } = useSave(closeLeakTestAction)
  const say = useNotice()
  const [burned, setBurned] = useState('')
  return (
    <form
      className="place-card close-test"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        const closed = await save({ testId, burned })
        if (!closed) return
        const { id } = closed.value
        say({
          done: 'Leak test closed',
          undo: async () => (await voidEventAction({ of: 'closing', id, reason: 'Taken back' })).ok,
        })
      }}
    >
      <h2>Every place reads none</h2>
      <p>Open the valve slowly, light one appliance and let it burn. Which one was it?</p>
      <Form.Label htmlFor="burned">It burned</Form.Label>
      <Form.Select
        id="burned"
        value={burned}
        aria-invalid={issueAt('burned') !== null}
        onChange={(event) => setBurned(event.target.value)}
      >
        <option value="">choose the appliance …</option>
        {appliances.map((name) => (
          <option key={name} value={name}>
            {name}
          </option>
        ))}
      </Form.Select>
      {issueAt('burned') && (
        <p className="issue mb-0" role="alert">
          Choose the appliance that burned: only then the test is closed.
        </p>
      )}
      <SaveLine label="Close the test" saving={saving} dirty={burned !== ''} />
    </form>
  )
}
