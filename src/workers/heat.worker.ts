import { expose } from 'comlink'
import { placements, type Placements } from '@/core/heat/clearance/placements'
import { roomAir, type RoomAir } from '@/core/heat/air/roomAir'
import type { RoomAirInput } from '@/core/heat/air/roomAirInput'
import { answerOf, seldom, type Progress, type WorkerAnswer } from './askWorker'

const worker = {
  placements: (input: Parameters<typeof placements>[0], tell: Progress): WorkerAnswer<Placements> =>
    answerOf(() => placements(input, seldom(tell))),
  roomAir: (input: RoomAirInput, tell: Progress): WorkerAnswer<RoomAir> => answerOf(() => roomAir(input, seldom(tell))),
}
export type ShelterWorker = typeof worker

expose(worker)
