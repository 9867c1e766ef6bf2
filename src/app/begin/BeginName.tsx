'use client'

import Form from 'react-bootstrap/Form'
import type { BeginPart } from './beginForm'

/** What the rig is called. */
export function BeginName({ values, set, issueAt }: BeginPart) {
  return (
    <div className="narrow">
      <Form.Label htmlFor="rig-name">What do you call your rig?</Form.Label>
      <Form.Control
        id="rig-name"
        maxLength={60}
        autoFocus
        value={values.rigName}
        placeholder="My rig"
        onChange={(event) => set({ rigName: event.target.value })}
      />
      {issueAt('rigName') && <p className="issue">{issueAt('rigName')}</p>}
    </div>
  )
}
