'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { addRigAction } from '@/actions/trip'
import { SaveLine } from '@/ui/SaveLine'
import { useSave } from '@/ui/useSave'

/** The first page of an empty database. */
export function BeginRig() {
  const [name, setName] = useState('')
  const { save, saving, issueAt } = useSave(addRigAction)
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void save({ name })
      }}
    >
      <h1>Before the first trip</h1>
      <p>
        Gold Kettle works out from your own gear whether the gas is enough and what must be done first. Begin with the
        rig: cylinders, appliances and the trip follow, and everything can be left for later.
      </p>
      <Form.Label htmlFor="rig-name">What do you call your rig?</Form.Label>
      <Form.Control
        id="rig-name"
        maxLength={60}
        value={name}
        aria-invalid={issueAt('name') !== null}
        onChange={(event) => setName(event.target.value)}
        style={{ maxWidth: '22rem' }}
      />
      {issueAt('name') && (
        <p className="issue" role="alert">
          {issueAt('name')}
        </p>
      )}
      <SaveLine label="Begin" saving={saving} dirty={false} />
    </form>
  )
}
