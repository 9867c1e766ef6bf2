'use client'

import Form from 'react-bootstrap/Form'
import { clearCylinderAction } from '@/actions/cylinders'
import { DateTime } from '@/ui/figures/DateTime'
import { SaveBar } from '@/ui/fields/SaveBar'
import { StateMark } from '@/ui/figures/StateMark'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

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
  const { values, set, dirty, save, saving, issueAt } = useSavedForm({
    slot: `clear ${cylinderId}`,
    initial: { clearedBy: '', note: '' },
    send: clearCylinderAction,
  })
  return (
    <form
      className="verdict stop clear-form"
      noValidate
      aria-label={cylindersLabels.outOfService}
      onSubmit={(event) => {
        event.preventDefault()
        void save({ cylinderId, ...values })
      }}
    >
      <StateMark state="stop" size={48} />
      <div>
        <strong>{cylindersLabels.outOfService}</strong>
        <p>
          {name}, since <DateTime iso={retiredAt} />. Not so: {found.join('; ').toLowerCase()}. It is neither used nor
          filled. A licensed inspector or dealer looks at it; only his word brings it back.
        </p>
        <div className="fields mt-2">
          <div>
            <Form.Label htmlFor="cleared-by">{cylindersLabels.whoClearedIt}</Form.Label>
            <Form.Control
              id="cleared-by"
              value={values.clearedBy}
              maxLength={80}
              onChange={(event) => set({ clearedBy: event.target.value })}
            />
            {issueAt('clearedBy') && <p className="issue mb-0">{issueAt('clearedBy')}</p>}
          </div>
          <div>
            <Form.Label htmlFor="clear-note">{cylindersLabels.whatWasSaidOrDone}</Form.Label>
            <Form.Control
              id="clear-note"
              value={values.note}
              maxLength={200}
              onChange={(event) => set({ note: event.target.value })}
            />
            {issueAt('note') && <p className="issue mb-0">{issueAt('note')}</p>}
          </div>
        </div>
        <SaveBar label={cylindersLabels.backIntoService} saving={saving} dirty={dirty} />
      </div>
    </form>
  )
}
