'use client'

import Button from 'react-bootstrap/Button'
import { SCALE_MARKS, scaleStage, type ScaleStage } from '@/core/fill/scaleStage'
import type { DisplayRole } from '@/core/base/quantity'
import { scaleStepKg } from '@/instruments/simulatedScale'
import { Amount, BigAmount } from '@/ui/figures/Amount'
import { useScaleReading } from '@/ui/instruments/ScaleProvider'
import { useAlarm } from '@/ui/instruments/useAlarm'
import { fillLabels } from '@/ui/terms/fillLabels'

const stageLabels: Readonly<Record<ScaleStage['stage'], string>> = {
  idle: 'nothing on the scale that is heavy enough',
  under: 'filling',
  slow: 'slow down',
  stop: 'stop: shut it now',
  over: 'over the mark: shut it, and weigh again',
}

/** Length of the bar in the drawing's own units. */
const BAR = 440

/** The scale, live, against the stop mark: far off, slow down, stop, and over, which sounds. */
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
  const { stage, toGoKg, share } = scaleStage(grossKg, stopKg, limitKg, scaleStepKg(stopKg))
  const idle = stage === 'idle'
  useAlarm(stage === 'over')
  return (
    <section className={`live-scale ${stage}`} aria-label={fillLabels.theScaleLive}>
      <div className="live-figures">
        <p className="large mb-0" data-testid="live-scale">
          <BigAmount quantity={{ value: grossKg, role }} />
        </p>
        <p className="mb-0" role={stage === 'over' ? 'alert' : 'status'}>
          <strong>{stageLabels[stage]}</strong>
          {!idle && toGoKg > 0 && (
            <>
              , <Amount quantity={{ value: toGoKg, role }} /> to go
            </>
          )}
        </p>
      </div>
      <svg viewBox={`0 0 ${BAR} 40`} role="img" aria-label={'How far along, with the marks to slow down and to stop'}>
        <rect x="0" y="12" width={BAR} height="16" rx="8" className="track" />
        <rect x="0" y="12" width={BAR * share} height="16" rx="8" className="done" />
        <path d={`M${BAR * SCALE_MARKS.slow} 4V36`} className="slow-mark" />
        <path d={`M${BAR * SCALE_MARKS.stop} 0V40`} className="stop-mark" />
      </svg>
      <Button variant="quiet" size="sm" disabled={!reading?.steady || idle} onClick={() => take(grossKg)}>
        {reading?.steady || idle ? fillLabels.takeThisWeight : 'Wait until it rests'}
      </Button>
    </section>
  )
}
