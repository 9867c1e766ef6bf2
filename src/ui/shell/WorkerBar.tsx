'use client'

import Button from 'react-bootstrap/Button'
import ProgressBar from 'react-bootstrap/ProgressBar'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** How far a piece of work has come, and the button that stops it. */
export function WorkerBar({ share, label, stop }: { share: number; label: string; stop: () => void }) {
  const percent = Math.round(share * 100)
  return (
    <div className="worker-bar" role="status">
      <div className="progress">
        <ProgressBar isChild now={percent} aria-label={label} />
      </div>
      <span>
        {label} … {percent} %
      </span>
      <Button variant="quiet" size="sm" onClick={stop}>
        {sharedLabels.stop}
      </Button>
    </div>
  )
}
