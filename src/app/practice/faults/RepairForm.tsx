'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { recordFaultRepairAction } from '@/actions/practice'
import { useSave } from '@/ui/state/useSave'
import { practiceLabels } from '@/ui/terms/practiceLabels'

/** Who repaired a fault, and how: it is closed with it. */
export function RepairForm({ rigId, faultId }: { rigId: string; faultId: string }) {
  const [note, setNote] = useState('')
  const { save, saving, issueAt } = useSave(recordFaultRepairAction)
  const field = `repair-${faultId}`
  const issue = issueAt('note') ?? issueAt('faultId') ?? issueAt('')
  return (
    <div className="repair-form">
      <Form.Label htmlFor={field}>{practiceLabels.whoRepaired}</Form.Label>
      <Form.Control
        id={field}
        value={note}
        maxLength={300}
        aria-invalid={issue !== null}
        onChange={(event) => setNote(event.target.value)}
      />
      <div role="alert">{issue && <p className="issue mb-0">{issue}</p>}</div>
      <Button variant="quiet" disabled={saving.state === 'saving'} onClick={() => void save({ rigId, faultId, note })}>
        {practiceLabels.saveRepair}
      </Button>
    </div>
  )
}
