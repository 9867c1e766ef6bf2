import { useId } from 'react'
import Form from 'react-bootstrap/Form'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** The instant that a WhenField shows, in the time zone of the browser; null for just now. */
export function instantOf(text: string): string | null {
  const ms = Date.parse(text)
  return Number.isFinite(ms) ? new Date(ms).toISOString() : null
}

/** When something happened, if not just now. */
export function WhenField({
  text,
  issue,
  onText,
}: {
  text: string
  issue: string | null
  onText: (text: string) => void
}) {
  const id = useId()
  return (
    <div className="when-field">
      <Form.Label htmlFor={id}>{sharedLabels.whenOptional}</Form.Label>
      <Form.Control
        id={id}
        size="sm"
        type="datetime-local"
        value={text}
        aria-invalid={issue !== null}
        aria-describedby={`${id}-hint`}
        onChange={(event) => onText(event.target.value)}
      />
      {issue !== null && <p className="issue">{issue}</p>}
      <p className="hint mb-0" id={`${id}-hint`}>
        empty: just now
      </p>
    </div>
  )
}
