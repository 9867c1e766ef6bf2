'use client'

import { useEffect, useMemo } from 'react'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import type { RoomAir } from '@/core/heat/air/roomAir'
import type { Room } from '@/core/heat/room/room'
import { roomWarmth } from '@/core/heat/warmth/roomWarmth'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { lastLog, usualTemperatures } from '@/app/heat/heatDefaults'
import { useUnits } from '@/ui/state/UnitsProvider'
import { roundIn, type Round } from '@/ui/state/useUsualInputs'
import { useWorker } from '@/ui/state/useWorker'
import { createHeatWorker } from '@/workers/threads'
import type { HeatWorker } from '@/workers/heat.worker'
import { WorkerBar } from '@/ui/shell/WorkerBar'
import { Term } from '@/ui/figures/Term'
import { useSessionState, useStableValue } from '@/ui/state/useSessionState'
import { AirCharts } from './AirCharts'
import { AirVerdict } from './AirVerdict'
import { NightFields } from './NightFields'
import { nightInput, type Night } from './nightInput'
import { heatLabels } from '@/ui/terms/heatLabels'

/** Typing is let come to rest before a night is worked out. */
const REST_MS = 350

/** A night as it is before anything is typed. */
function usualNight(heaters: HeatPageData['heaters'], coldestK: number | null, round: Round): Night {
  const { outsideK, insideK } = usualTemperatures(coldestK, round)
  return {
    heaterId: heaters.find(({ heater }) => !heater.vented)?.id ?? heaters[0]?.id ?? null,
    mode: 'low',
    untilS: 3600,
    thermostatK: insideK,
    asleep: 2,
    awake: 0,
    outsideK,
    outsideHumidity: 0.8,
    startK: outsideK,
    hoursS: 8 * 3600,
    windMS: 0,
  }
}

/** One night in this room, computed in a worker on every change. */
export function NightBench({ data, room }: { data: HeatPageData; room: Room }) {
  const { heaters, altitudeM, coldestK } = data
  const { system } = useUnits()
  // A night that is new with every drawing of the page would be worked out without end.
  const usual = useMemo(() => usualNight(heaters, coldestK, roundIn(system)), [heaters, coldestK, system])
  const [typed, setTyped] = useSessionState<Partial<Night>>(`night ${data.rigId}`, {})
  const night = useMemo(() => ({ ...usual, ...typed }), [usual, typed])
  const heater = heaters.find(({ id }) => id === night.heaterId)?.heater ?? null
  const log = lastLog(data)
  const asked = useMemo(() => {
    try {
      const warmth = roomWarmth(room, log)
      return { input: nightInput(night, room, heater, warmth, altitudeM), from: warmth.from, refused: null }
    } catch (error) {
      if (error instanceof InputError) return { input: null, from: null, refused: error.message }
      if (error instanceof z.ZodError) return { input: null, from: null, refused: error.issues[0]?.message ?? null }
      throw error
    }
  }, [night, room, heater, log, altitudeM])
  const { work, start, stop } = useWorker<HeatWorker, RoomAir>(createHeatWorker)
  const begin = useStableValue((): void => {
    const { input } = asked
    if (input) start((worker, tell) => worker.roomAir(input, tell))
  })
  useEffect(() => {
    const timer = setTimeout(begin, REST_MS)
    return () => clearTimeout(timer)
  }, [asked, begin])
  const refused = asked.refused ?? work.refused
  return (
    <section aria-label={heatLabels.theAirOfANight} className="night">
      <h2>{heatLabels.theAirOfANight}</h2>
      <p className="hint">
        One zone, well mixed, with these openings, by{' '}
        {asked.from === 'log' ? 'the warm-up log of this room' : 'the room’s shape: no warm-up is logged yet'}. The
        verdict on the openings above rests on calm air. Where glass is colder than the{' '}
        <Term id="dew-point">dew point</Term> it grows wet.
      </p>
      <NightFields night={night} set={(change) => setTyped({ ...typed, ...change })} heaters={heaters} />
      {work.share !== null && <WorkerBar share={work.share} label="Working out the night" stop={stop} />}
      {refused && (
        <p className="issue" role="alert">
          {refused}
        </p>
      )}
      {work.value && (
        <div className={work.share === null ? '' : 'being-redone'}>
          <AirVerdict air={work.value} night={night} isUnvented={heater !== null && !heater.vented} />
          <AirCharts air={work.value} />
        </div>
      )}
    </section>
  )
}
