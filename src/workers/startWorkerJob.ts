import { proxy, wrap, type Remote } from 'comlink'
import { InputError } from '@/core/base/InputError'

/** What came of it, or core's sentence against the input: errors do not keep their kind on the way out of a worker. */
export type WorkerAnswer<Value> = { value: Value } | { refused: string }

/** A running job that can be stopped. */
export interface WorkerJob<Value> {
  answer: Promise<WorkerAnswer<Value>>
  stop: () => void
}

export type Progress = (share: number) => void

/** A job for a worker, with progress. */
export type Job<Api, Value> = (worker: Remote<Api>, tell: Progress) => Promise<WorkerAnswer<Value>>

/** In a worker: reports progress at most a hundred times. */
export function throttleProgress(tell: Progress): Progress {
  let last = -1
  return (share) => {
    const percent = Math.floor(share * 100)
    if (percent === last) return
    last = percent
    tell(share)
  }
}

/** In a worker: does the work and hands over core's sentence where it refuses. */
export function runInWorker<Value>(work: () => Value): WorkerAnswer<Value> {
  try {
    return { value: work() }
  } catch (error) {
    if (error instanceof InputError) return { refused: error.message }
    throw error
  }
}

/**
 * Has something computed in a worker of its own; stopping it ends the worker.
 *
 * @param thread - just begun
 * @param job - what is asked of it
 * @param tell - told the share that is done
 */
export function startWorkerJob<Api, Value>(thread: Worker, job: Job<Api, Value>, tell: Progress): WorkerJob<Value> {
  const answer = job(wrap<Api>(thread), proxy(tell)).finally(() => thread.terminate())
  return { answer, stop: () => thread.terminate() }
}
