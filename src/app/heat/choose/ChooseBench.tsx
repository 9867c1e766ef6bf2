'use client'

import { useMemo } from 'react'
import { BenchPicker } from '@/ui/shell/BenchPicker'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { NIGHT_S, lastLog, usualTemperatures } from '@/app/heat/heatDefaults'
import { InputError } from '@/core/base/InputError'
import { compareHeater } from '@/core/heat/heaters/compareHeater'
import { roomWarmth } from '@/core/heat/warmth/roomWarmth'
import type { RoomPlan } from '@/core/heat/room/roomPlan'
import { ventilationCheck } from '@/core/heat/ventilation/ventilationCheck'
import { MaybeMeasure } from '@/ui/fields/MaybeMeasure'
import { Measure } from '@/ui/fields/Measure'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import { candidates } from './candidates'
import { CompareTable, type ComparedRow } from './CompareTable'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Heaters compared for this rig and these nights. */
export function ChooseBench({ data, shelter }: { data: HeatPageData; shelter: RoomPlan }) {
  const { heaters, altitudeM, coldestK } = data
  const [night, set] = useUsualInputs(`choose ${data.rigId}`, (round) => ({
    ...usualTemperatures(coldestK, round),
    keepS: NIGHT_S,
    altitudeM,
    gasPerKg: data.pricePerKg,
  }))
  const warmth = useMemo(() => roomWarmth(shelter.room, lastLog(data)), [shelter, data])
  const openM2 = ventilationCheck(shelter.room, 0).countedM2
  const { rows, issue } = compareAll()

  function compareAll(): { rows: ComparedRow[]; issue: { path: string; message: string } | null } {
    try {
      const rows = candidates(heaters).map((candidate) => ({
        candidate,
        compared: compareHeater(candidate.heater, warmth, night, night.altitudeM, {
          gasPerKg: night.gasPerKg,
          price: candidate.price,
          lastsNights: candidate.lastsNights,
        }),
      }))
      return { rows, issue: null }
    } catch (error) {
      if (error instanceof InputError) return { rows: [], issue: error.issues[0] ?? null }
      throw error
    }
  }
  const at = (path: string): string | null => (issue?.path === path ? issue.message : null)
  return (
    <>
      <div className="line-head">
        <BenchPicker of="room" things={data.rooms} chosenId={data.chosen?.id ?? null} addAt={null} />
      </div>
      <p className="lead">
        What each would be like in this room, by {warmth.from === 'log' ? 'its warm-up log' : 'its shape'}. A fourth
        school takes none that is not certified where you camp.
      </p>
      <div className="fields narrow">
        <Measure
          label={sharedLabels.outside}
          role="temperature"
          value={night.outsideK}
          issue={at('outsideK')}
          set={(outsideK) => set({ outsideK })}
        />
        <Measure
          label={heatLabels.wishedForInside}
          role="temperature"
          value={night.insideK}
          issue={at('insideK')}
          set={(insideK) => set({ insideK })}
        />
        <Measure
          label="Kept warm for"
          role="duration"
          value={night.keepS}
          mayBeZero
          issue={at('keepS')}
          set={(keepS) => set({ keepS })}
        />
        <Measure
          label={sharedLabels.altitude}
          role="altitude"
          value={night.altitudeM}
          mayBeZero
          set={(value) => set({ altitudeM: value })}
        />
        <MaybeMeasure
          label="Price of gas"
          role="pricePerMass"
          value={night.gasPerKg}
          set={(gasPerKg) => set({ gasPerKg })}
        />
      </div>
      {rows.length > 0 && <CompareTable rows={rows} shelter={shelter} openM2={openM2} />}
      <p className="caution-note">
        None without a chimney burns while people sleep; its hours are for warming up and for evenings awake beside it.
        The CO alarm comes before any of them.
      </p>
    </>
  )
}
