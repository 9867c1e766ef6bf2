import { expose } from 'comlink'
import { compareChangeovers, type ChangeoverOutcome } from '@/core/running/compareChangeovers'
import { tripRemedies, type TripRemedy } from '@/core/running/tripRemedies'
import type { TripRunInput } from '@/core/running/tripRun'
import { tripSpread, type TripSpread } from '@/core/running/tripSpread'
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
