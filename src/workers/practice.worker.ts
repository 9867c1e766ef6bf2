import { expose } from 'comlink'
import type { z } from '@/core/base/zod'
import { diagnoseRig, type diagnoseSchema, type RigDiagnosis } from '@/core/practice/diagnosis/diagnoseRig'
import type { BenchAction } from '@/core/practice/drills/benchAction'
import { type DrillSession, drillSession, type DrillView } from '@/core/practice/drills/drillView'
import type { DrillId } from '@/core/practice/drills/drills'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import { type Progress, runInWorker, throttleProgress, type WorkerAnswer } from './startWorkerJob'

/** The drill that is being played in this worker. */
let session: DrillSession | null = null

const worker = {
  diagnose: (input: z.output<typeof diagnoseSchema>, tell: Progress): WorkerAnswer<RigDiagnosis> =>
    runInWorker(() => diagnoseRig(input, throttleProgress(tell))),
  begin: (
    drill: { id: DrillId; seed: number; rig: PracticeRig | null },
    before: readonly BenchAction[],
  ): WorkerAnswer<DrillView> =>
    runInWorker(() => {
      session = drillSession(drill.id, drill.seed, drill.rig, before)
      return session.view()
    }),
  act: (action: BenchAction): WorkerAnswer<DrillView | null> => runInWorker(() => session?.act(action) ?? null),
  giveUp: (): WorkerAnswer<DrillView | null> => runInWorker(() => session?.giveUp() ?? null),
}
export type PracticeWorker = typeof worker

expose(worker)
