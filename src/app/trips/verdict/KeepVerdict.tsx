'use client'

import Button from 'react-bootstrap/Button'
import { keepVerdictAction } from '@/actions/trip'
import { DateTime } from '@/ui/figures/DateTime'
import { Link } from '@/ui/shell/Link'
import { useSave } from '@/ui/state/useSave'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** Keeps the shown verdict; looking at it keeps nothing. */
export function KeepVerdict({ tripId, keptAt }: { tripId: string; keptAt: string | null }) {
  const { save, saving, issueAt } = useSave(keepVerdictAction)
  return (
    <div className="save-line mt-4">
      {keptAt === null ? (
        <Button variant="outline-primary" disabled={saving.state === 'saving'} onClick={() => void save({ tripId })}>
          {tripsLabels.keepVerdict}
        </Button>
      ) : (
        <span className="hint" role="status">
          This verdict and everything it is based on are kept, as of <DateTime iso={keptAt} />.
        </span>
      )}
      <Link href={`/trips/${tripId}/kept`}>{tripsLabels.verdictsKept}</Link>
      {issueAt('') && (
        <p className="issue" role="alert">
          {issueAt('')}
        </p>
      )}
    </div>
  )
}
