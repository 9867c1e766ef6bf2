'use client'

import Form from 'react-bootstrap/Form'
import { clearCylinderAction } from '@/actions/cylinders'
import { DateTime } from '@/ui/figures/DateTime'
import { SaveBar } from '@/ui/fields/SaveBar'
import { StateMark } from '@/ui/figures/StateMark'
import { useSave } from '@/ui/state/useSave'
import { useSessionState } from '@/ui/state/useSessionState'

/** Why it is out of service, and who may clear it. */
export function ClearForm({
  cylinderId,
  name,
  found,
  retiredAt,
}: {
  cylinderId: string
  name: string
  found: readonly string[]
  retiredAt: string
}) {
  const { save, saving, issueAt } = useSave(clearCylinderAction)
  const [clearedBy, setClearedBy] = useSessionState(`clear ${cylinderId} clearedBy`, '')
  const [note, setNote] = useSessionState(`clear ${cylinderId} note`, '')
  return (
    <form
      className="verdict stop clear-form"
      noValidate
      aria-label="Out of service"
      onSubmit={(event) => {
        event.preventDefault()
        void save({ cylinderId, clearedBy, note })
      }}
    >
      <StateMark state="stop" size={48} />
      <div>
        <strong>Out of service</strong>
        <p>
          {name}, since <DateTime iso={retiredAt} />. Not so: {found.join('; ').toLowerCase()}. It is neither used nor
          filled. A licensed inspector or dealer looks at it; only his word brings it back.
        </p>
        <div className="fields mt-2">
          <div>
            <Form.Label htmlFor="cleared-by">Who cleared it</Form.Label>
            <Form.Control
              id="cleared-by"
              value={clearedBy}
              maxLength={80}
              onChange={(event) => setClearedBy(event.target.value)}
            />
            {issueAt('clearedBy') && <p className="issue mb-0">{issueAt('clearedBy')}</p>}
          </div>
          <div>
            <Form.Label htmlFor="clear-note">What was said or done</Form.Label>
            <Form.Control
              id="clear-note"
              value={note}
              maxLength={200}
              onChange={(event) => setNote(event.target.value)}
            />
            {issueAt('note') && <p className="issue mb-0">{issueAt('note')}</p>}
          </div>
        </div>
        <SaveBar label="Back into service" saving={saving} dirty={false} />
      </div>
    </form>
  )
}
