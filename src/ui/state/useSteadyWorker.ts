'use client'

import { proxy, type Remote, wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { Job, WorkerAnswer } from '@/workers/startWorkerJob'

/** Work that takes longer than this shows how far it is. */
const SHOWN_AFTER_MS = 200

/**
 * A worker that stays alive between jobs and keeps what it computed.
 *
 * @param thread - begins the worker
 */
export function useSteadyWorker<Api>(thread: () => Worker) {
  const [share, setShare] = useState<number | null>(null)
  const running = useRef<{ thread: Worker; remote: Remote<Api> } | null>(null)
  const turn = useRef(0)
  useEffect(() => () => running.current?.thread.terminate(), [])

  /** The answer to a job; null when a later job or a stop overtook it. */
  const ask = async <Value>(job: Job<Api, Value>): Promise<WorkerAnswer<Value> | null> => {
    turn.current += 1
    const mine = turn.current
    const isCurrent = (): boolean => mine === turn.current
    if (!running.current) {
      const started = thread()
      running.current = { thread: started, remote: wrap<Api>(started) }
    }
    const late = setTimeout(() => isCurrent() && setShare((before) => before ?? 0), SHOWN_AFTER_MS)
    try {
      const tell = proxy((done: number) => isCurrent() && setShare((before) => (before === null ? null : done)))
      const answer = await job(running.current.remote, tell)
      return isCurrent() ? answer : null
    } finally {
      clearTimeout(late)
      if (isCurrent()) setShare(null)
    }
  }
  const stop = (): void => {
    turn.current += 1
    running.current?.thread.terminate()
    running.current = null
    setShare(null)
  }
  return { share, ask, stop }
}
