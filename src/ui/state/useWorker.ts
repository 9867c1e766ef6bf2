'use client'

import { useEffect, useRef, useState } from 'react'
import { startWorkerJob, type WorkerJob, type Job } from '@/workers/startWorkerJob'

/** State of a job. */
export interface Work<Value> {
  /** Share that is done; null while nothing runs. */
  share: number | null
  value: Value | null
  /** Core's sentence against the input, or that it broke off. */
  refused: string | null
}

/**
 * Runs a job in a worker with progress; a new start or leaving the page cancels the previous one.
 *
 * @param thread - begins the worker
 */
export function useWorker<Api, Value>(thread: () => Worker) {
  const [work, setWork] = useState<Work<Value>>({ share: null, value: null, refused: null })
  const asked = useRef<WorkerJob<Value> | null>(null)
  useEffect(() => () => asked.current?.stop(), [])

  const start = (job: Job<Api, Value>): void => {
    asked.current?.stop()
    // What was worked out before stays in view until there is something newer.
    setWork((before) => ({ ...before, share: 0, refused: null }))
    const mine = startWorkerJob<Api, Value>(thread(), job, (share) => {
      if (asked.current === mine) setWork((before) => (before.share === null ? before : { ...before, share }))
    })
    asked.current = mine
    mine.answer.then(
      (answer) => {
        if (asked.current !== mine) return
        const isDone = 'value' in answer
        setWork({
          share: null,
          value: isDone ? answer.value : null,
          refused: isDone ? null : answer.refused,
        })
      },
      () => {
        if (asked.current === mine) setWork({ share: null, value: null, refused: 'It broke off. Try it again.' })
      },
    )
  }
  const stop = (): void => {
    asked.current?.stop()
    asked.current = null
    setWork((before) => ({ ...before, share: null }))
  }
  return { work, start, stop }
}
