'use client'

import Form from 'react-bootstrap/Form'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

/** Who repaired a vessel, and when. */
export interface RepairTexts {
  technician: string
  repairedOn: string
}

/** No bubbles are not enough at a vessel that leaked: it takes a technician’s name and a day. */
export function TechnicianFields({
  texts,
  change,
  issueAt,
}: {
  texts: RepairTexts
  change: (texts: RepairTexts) => void
  issueAt: (path: string) => string | null
}) {
  return (
    <div className="place-leak">
      <strong>It leaked, and only a technician repairs it.</strong>
      <p className="mb-2">Repaired or exchanged? Enter by whom and when, then soap it.</p>
      <div className="fields">
        <div>
          <Form.Label htmlFor="technician">{leakTestLabels.technicianOrShop}</Form.Label>
          <Form.Control
            id="technician"
            value={texts.technician}
            aria-invalid={issueAt('repair.technician') !== null}
            onChange={(event) => change({ ...texts, technician: event.target.value })}
          />
          <div role="alert">
            {issueAt('repair.technician') && <p className="issue mb-0">{issueAt('repair.technician')}</p>}
          </div>
        </div>
        <div>
          <Form.Label htmlFor="repaired-on">{leakTestLabels.dayOfTheRepair}</Form.Label>
          <Form.Control
            id="repaired-on"
            type="date"
            value={texts.repairedOn}
            aria-invalid={issueAt('repair.repairedOn') !== null}
            onChange={(event) => change({ ...texts, repairedOn: event.target.value })}
          />
          <div role="alert">
            {issueAt('repair.repairedOn') && <p className="issue mb-0">{issueAt('repair.repairedOn')}</p>}
          </div>
        </div>
      </div>
    </div>
  )
}
