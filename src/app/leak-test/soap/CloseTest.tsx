'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { voidEventAction } from '@/actions/log'
import { closeLeakTestAction } from '@/actions/leakTest'
import { SaveBar } from '@/ui/fields/SaveBar'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** What a line ends in. */
export interface GasUsers {
  names: readonly string[]
  /** They burn it; CO2 is only used. */
  burn: boolean
}

/** Last step: light one appliance, then close the test. */
export function CloseTest({ testId, users }: { testId: string; users: GasUsers }) {
  const { names, burn } = users
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
          undo: async () => (await voidEventAction({ of: 'closing', id, reason: sharedLabels.takenBack })).ok,
        })
      }}
    >
      <h2>Every place reads none</h2>
      <p>
        {burn
          ? 'Open the valve slowly, light one appliance and let it burn. Which one was it?'
          : 'Open the valve slowly and let something take gas. What was it?'}
      </p>
      <Form.Label htmlFor="burned">{burn ? leakTestLabels.itBurned : 'It took gas'}</Form.Label>
      <Form.Select
        id="burned"
        value={burned}
        aria-invalid={issueAt('burned') !== null}
        onChange={(event) => setBurned(event.target.value)}
      >
        <option value="">choose it …</option>
        {names.map((name) => (
          <option key={name} value={name}>
            {name}
          </option>
        ))}
      </Form.Select>
      {issueAt('burned') && (
        <p className="issue mb-0" role="alert">
          {burn
            ? 'Choose the appliance that burned: only then the test is closed.'
            : 'Choose what took gas: only then the test is closed.'}
        </p>
      )}
      <SaveBar label={leakTestLabels.closeTheTest} saving={saving} dirty={burned !== ''} />
    </form>
  )
}
