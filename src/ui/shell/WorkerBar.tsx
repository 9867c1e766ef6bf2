'use client'

import Button from 'react-bootstrap/Button'
import ProgressBar from 'react-bootstrap/ProgressBar'

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
        Stop
      </Button>
    </div>
  )
}
