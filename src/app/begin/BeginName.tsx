'use client'

import Form from 'react-bootstrap/Form'
import { rigShellFacts, rigShellKinds, type RigShellKind } from '@/core/heat/warmth/rigShell'
import { Amount } from '@/ui/figures/Amount'
import { QuantityField } from '@/ui/fields/QuantityField'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import type { BeginPart } from './beginForm'

/** What the rig is called, what it is, and how long: its heat loss is estimated from that. */
export function BeginName({ values, set, issueAt }: BeginPart) {
  const { shellKind } = values
  return (
    <div className="fields narrow">
      <div>
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
      <div>
        <Form.Label htmlFor="rig-kind">{sharedLabels.kind}</Form.Label>
        <Form.Select
          id="rig-kind"
          value={shellKind ?? ''}
          onChange={(event) => set({ shellKind: (event.target.value || null) as RigShellKind | null })}
        >
          <option value="">not listed, or later</option>
          {rigShellKinds.map((kind) => (
            <option key={kind} value={kind}>
              {rigShellFacts[kind].name}
            </option>
          ))}
        </Form.Select>
        <p className="hint mb-0">for its heat loss, as an estimate, until you draw the room</p>
      </div>
      {shellKind && (
        <QuantityField
          optional
          label="Length of the living space"
          role="length"
          typed={values.shellLength}
          issue={issueAt('shell.lengthM')}
          hint={
            <>
              inside; usually <Amount quantity={{ value: rigShellFacts[shellKind].usualLengthM, role: 'length' }} />
            </>
          }
          onTyped={(shellLength) => set({ shellLength })}
        />
      )}
    </div>
  )
}
