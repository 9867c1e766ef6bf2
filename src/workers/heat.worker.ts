import { expose } from 'comlink'
import { placements, type Placements } from '@/core/heat/clearance/placements'
import { roomAir, type RoomAir } from '@/core/heat/air/roomAir'
import type { RoomAirInput } from '@/core/heat/air/roomAirInput'
import { runInWorker, throttleProgress, type Progress, type WorkerAnswer } from './startWorkerJob'

const worker = {
  placements: (input: Parameters<typeof placements>[0], tell: Progress): WorkerAnswer<Placements> =>
    runInWorker(() => placements(input, throttleProgress(tell))),
  roomAir: (input: RoomAirInput, tell: Progress): WorkerAnswer<RoomAir> =>
    runInWorker(() => roomAir(input, throttleProgress(tell))),
}
export type HeatWorker = typeof worker

expose(worker)
