import { proxy, wrap, type Remote } from 'comlink'
import type { ShelterWorker, WorkerAnswer } from './shelter.worker'

/** Work that goes on beside the page, and can be stopped. */
export interface Asked<Value> {
  answer: Promise<WorkerAnswer<Value>>
  stop: () => void
}

/**
 * Has something computed in a worker of its own; stopping it ends the worker.
 *
 * @param job - what is asked of it
 * @param tell - told the share that is done
 */
export function askShelter<Value>(
  job: (worker: Remote<ShelterWorker>, tell: (share: number) => void) => Promise<WorkerAnswer<Value>>,
  tell: (share: number) => void,
): Asked<Value> {
  const thread = new Worker(new URL('./shelter.worker.ts', import.meta.url), { type: 'module' })
  const answer = job(wrap<ShelterWorker>(thread), proxy(tell)).finally(() => thread.terminate())
  return { answer, stop: () => thread.terminate() }
}
