'use client'

import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { HOLD_S } from '@/core/leaktest/leakRate'
import { holdClock } from '@/core/leaktest/holdClock'
import { useAlarm } from '@/ui/useAlarm'
import { useKept } from '@/ui/useKept'

/** How long the end is sounded. */
const SOUND_MS = 2500

/** The three minutes, through a reload too; it sounds when the last reading is due. */
export function HoldTimer({ slot, done }: { slot: string; done: (elapsedS: number) => void }) {
  const [startedAt, setStartedAt] = useKept<number | null>(`hold timer ${slot}`, null, true)
  const [nowMs, setNowMs] = useState<number | null>(null)
  useEffect(() => {
    if (startedAt === null) return
    const timer = setInterval(() => setNowMs(Date.now()), 250)
    return () => clearInterval(timer)
  }, [startedAt])
  const elapsedS = startedAt === null || nowMs === null ? 0 : Math.max(0, (nowMs - startedAt) / 1000)
  const isDue = startedAt !== null && elapsedS >= HOLD_S
  useAlarm(isDue && elapsedS < HOLD_S + SOUND_MS / 1000)
  return (
    <div className="hold-timer" role="group" aria-label="Timer">
      <strong role="timer">{holdClock(startedAt === null ? HOLD_S : HOLD_S - elapsedS)}</strong>
      {startedAt === null ? (
        <Button variant="quiet" size="sm" onClick={() => setStartedAt(Date.now())}>
          Start the three minutes
        </Button>
      ) : (
        <Button
          variant={isDue ? 'primary' : 'quiet'}
          size="sm"
          onClick={() => {
            setStartedAt(null)
            done(elapsedS)
          }}
        >
          {isDue ? 'Read the columns now' : 'Stop it here'}
        </Button>
      )}
    </div>
  )
}
