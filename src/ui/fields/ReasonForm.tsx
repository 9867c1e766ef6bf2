'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useSave, type Answer } from '@/ui/state/useSave'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Asks for a reason that is stored in the history. */
export function ReasonForm({
  id,
  label,
  done,
  send,
  close,
}: {
  id: string
  label: string
  /** Label of the button. */
  done: string
  send: (reason: string, requestKey: string) => Promise<Answer<null>>
  close: () => void
}) {
  const [reason, setReason] = useState('')
  const { save, issueAt } = useSave(send)
  const wrong = issueAt('reason') ?? issueAt('')
  return (
    <form
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        if (await save(reason)) close()
      }}
    >
      <Form.Label htmlFor={`why-${id}`}>{label}</Form.Label>
      <Form.Control id={`why-${id}`} value={reason} autoFocus onChange={(event) => setReason(event.target.value)} />
      {wrong && (
        <p className="issue mb-0" role="alert">
          {wrong}
        </p>
      )}
      <div className="save-line mt-2">
        <Button type="submit" size="sm">
          {done}
        </Button>
        <Button variant="quiet" size="sm" onClick={close}>
          {sharedLabels.leaveIt}
        </Button>
      </div>
    </form>
  )
}
