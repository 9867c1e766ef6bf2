'use client'

import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { formatCountdown } from '@/core/leak-test/hold/holdSteps'
import { useAlarm } from './useAlarm'
import { useSessionState } from '@/ui/state/useSessionState'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** How long the end is sounded. */
const SOUND_MS = 2500

/** A time that should be waited out, through a reload too; it sounds when it is over. */
export function HoldTimer({
  slot,
  holdS,
  words,
  done,
}: {
  slot: string
  holdS: number
  /** On its button: to start it, when it is over, to stop it before. */
  words: { start: string; due: string; stop: string }
  done: (elapsedS: number) => void
}) {
  const [startedAt, setStartedAt] = useSessionState<number | null>(`hold timer ${slot}`, null)
  const [nowMs, setNowMs] = useState<number | null>(null)
  useEffect(() => {
    if (startedAt === null) return
    const timer = setInterval(() => setNowMs(Date.now()), 250)
    return () => clearInterval(timer)
  }, [startedAt])
  const elapsedS = startedAt === null || nowMs === null ? 0 : Math.max(0, (nowMs - startedAt) / 1000)
  const isDue = startedAt !== null && elapsedS >= holdS
  useAlarm(isDue && elapsedS < holdS + SOUND_MS / 1000)
  return (
    <div className="hold-timer" role="group" aria-label={sharedLabels.timer}>
      <strong role="timer">{formatCountdown(startedAt === null ? holdS : holdS - elapsedS)}</strong>
      {startedAt === null ? (
        <Button variant="quiet" size="sm" onClick={() => setStartedAt(Date.now())}>
          {words.start}
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
          {isDue ? words.due : words.stop}
        </Button>
      )}
    </div>
  )
}
