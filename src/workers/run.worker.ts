import { expose } from 'comlink'
import { compareChangeovers, type ChangeoverOutcome } from '@/core/run/analysis/compareChangeovers'
import { tripRemedies, type TripRemedy } from '@/core/run/analysis/tripRemedies'
import type { TripRunInput } from '@/core/run/simulation/tripRun'
import { tripSpread, type TripSpread } from '@/core/run/analysis/tripSpread'
import { answerOf, seldom, type Progress, type WorkerAnswer } from './askWorker'

const worker = {
  spread: (input: TripRunInput, runs: number, tell: Progress): WorkerAnswer<TripSpread> =>
    answerOf(() => tripSpread(input, runs, Math.random, seldom(tell))),
  changeovers: (input: TripRunInput, sourceId: string): WorkerAnswer<ChangeoverOutcome[]> =>
    answerOf(() => compareChangeovers(input, sourceId)),
  remedies: (input: TripRunInput, fillable: readonly string[]): WorkerAnswer<TripRemedy[]> =>
    answerOf(() => tripRemedies(input, fillable)),
}
export type RunWorker = typeof worker

expose(worker)
