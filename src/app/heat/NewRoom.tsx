'use client'

import { readyRooms } from '@/core/heat/room/readyRooms'
import { BenchPicker } from '@/ui/shell/BenchPicker'
import { Amount } from '@/ui/figures/Amount'
import { useSessionState } from '@/ui/state/useSessionState'
import type { HeatPageData } from './heatPageData'
import { PlanSketch } from '@/app/heat/plan/PlanSketch'
import { RoomBench } from './RoomBench'

/** A new room: from the shape that is most like yours. */
export function NewRoom({ data }: { data: HeatPageData }) {
  const [chosen, begin, leave] = useSessionState<string | null>('new room begun', null)
  const start = readyRooms.find(({ shape }) => shape === chosen)
  if (start) {
    return (
      <RoomBench key={start.shape} data={data} begin={{ name: start.name, shelter: start.shelter }} leave={leave} />
    )
  }
  return (
    <section aria-label="Begin a room">
      <BenchPicker of="room" things={data.rooms} chosenId={null} addAt={null} />
      <p className="lead">Begin with the shape that is most like yours; every measure can be changed.</p>
      <ul className="line-starts">
        {readyRooms.map(({ shape, name, words, shelter }) => (
          <li key={shape}>
            <button type="button" onClick={() => begin(shape)}>
              <strong>{name}</strong>
              <span className="hint">{words}</span>
              <PlanSketch shelter={shelter} />
              <span className="hint">
                <Amount quantity={{ value: shelter.room.lengthM, role: 'run' }} /> ×{' '}
                <Amount quantity={{ value: shelter.room.widthM, role: 'run' }} /> ×{' '}
                <Amount quantity={{ value: shelter.room.heightM, role: 'run' }} />
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
