import { expose } from 'comlink'
import { compareChangeovers, type ChangeoverOutcome } from '@/core/run/analysis/compareChangeovers'
import { tripRemedies, type TripRemedy } from '@/core/run/analysis/tripRemedies'
import type { TripRunInput } from '@/core/run/simulation/tripRun'
import { monteCarlo, type MonteCarloResult } from '@/core/run/analysis/monteCarlo'
import { runInWorker, throttleProgress, type Progress, type WorkerAnswer } from './startWorkerJob'

const worker = {
  spread: (input: TripRunInput, runs: number, tell: Progress): WorkerAnswer<MonteCarloResult> =>
    runInWorker(() => monteCarlo(input, runs, Math.random, throttleProgress(tell))),
  changeovers: (input: TripRunInput, sourceId: string): WorkerAnswer<ChangeoverOutcome[]> =>
    runInWorker(() => compareChangeovers(input, sourceId)),
  remedies: (input: TripRunInput, fillable: readonly string[]): WorkerAnswer<TripRemedy[]> =>
    runInWorker(() => tripRemedies(input, fillable)),
}
export type RunWorker = typeof worker

expose(worker)
