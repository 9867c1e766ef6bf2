'use client'

import Button from 'react-bootstrap/Button'
import { scaleStage, type ScaleStage } from '@/core/filling/scaleStage'
import type { DisplayRole } from '@/core/findings/quantity'
import { scaleStepKg } from '@/instruments/simulatedScale'
import { Amount, BigAmount } from '@/ui/Amount'
import { useScaleReading } from '@/ui/ScaleProvider'

const stageWords: Readonly<Record<ScaleStage['stage'], string>> = {
  under: 'filling',
  slow: 'slow down',
  stop: 'stop: shut it now',
  over: 'over the mark: shut it, and weigh again',
}

/** The scale, live, against the stop mark: far off, slow down, stop, over. */
export function LiveScale({
  stopKg,
  limitKg,
  role,
  take,
}: {
  stopKg: number
  limitKg: number
  role: DisplayRole
  take: (grossKg: number) => void
}) {
  const reading = useScaleReading(true)
  const grossKg = reading?.quantity.value ?? 0
  const { stage, toGoKg } = scaleStage(grossKg, stopKg, limitKg, scaleStepKg(stopKg))
  // The bar ends a tenth of the limit past the mark.
  const span = limitKg * 1.1
  const share = Math.min(1, Math.max(0, (grossKg - (stopKg - limitKg)) / span))
  const idle = grossKg < stopKg - limitKg - scaleStepKg(stopKg)
  return (
    <section className={`live-scale ${idle ? 'idle' : stage}`} aria-label="The scale, live">
      <div className="live-figures">
        <p className="large mb-0" data-testid="live-scale">
          <BigAmount quantity={{ value: grossKg, role }} />
        </p>
        <p className="mb-0" role={stage === 'over' && !idle ? 'alert' : 'status'}>
          <strong>{idle ? 'nothing on the scale that is heavy enough' : stageWords[stage]}</strong>
          {!idle && toGoKg > 0 && (
            <>
              , <Amount quantity={{ value: toGoKg, role }} /> to go
            </>
          )}
        </p>
      </div>
      <svg viewBox="0 0 440 40" role="img" aria-label={`${Math.round(share * 110)} % of the way`}>
        <rect x="0" y="12" width="440" height="16" rx="8" className="track" />
        <rect x="0" y="12" width={440 * share} height="16" rx="8" className="done" />
        <path d="M380 4V36" className="slow-mark" />
        <path d="M400 0V40" className="stop-mark" />
      </svg>
      <Button variant="quiet" size="sm" disabled={!reading?.steady || idle} onClick={() => take(grossKg)}>
        {reading?.steady || idle ? 'Take this weight' : 'Wait until it rests'}
      </Button>
    </section>
  )
}
