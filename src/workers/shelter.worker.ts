import { expose } from 'comlink'
import { InputError } from '@/core/findings/InputError'
import { placements, type Placements } from '@/core/shelter/placements'
import { roomAir, type RoomAir } from '@/core/shelter/roomAir'
import type { RoomAirInput } from '@/core/shelter/roomAirSchema'

/** What came of it, or core's sentence against the input: errors do not keep their kind on the way out of a worker. */
export type WorkerAnswer<Value> = { value: Value } | { refused: string }

type Progress = (share: number) => void

/** Told a hundred times at most, or telling would be the work. */
function seldom(tell: Progress): Progress {
  let last = -1
  return (share) => {
    const percent = Math.floor(share * 100)
    if (percent === last) return
    last = percent
    tell(share)
  }
}

function answer<Value>(work: () => Value): WorkerAnswer<Value> {
  try {
    return { value: work() }
  } catch (error) {
    if (error instanceof InputError) return { refused: error.message }
    throw error
  }
}

const worker = {
  placements: (input: Parameters<typeof placements>[0], tell: Progress): WorkerAnswer<Placements> =>
    answer(() => placements(input, seldom(tell))),
  roomAir: (input: RoomAirInput, tell: Progress): WorkerAnswer<RoomAir> => answer(() => roomAir(input, seldom(tell))),
}
export type ShelterWorker = typeof worker

expose(worker)
