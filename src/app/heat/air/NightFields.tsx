'use client'

import type { StoredHeater } from '@/services/heat/heaters'
import { Choice } from '@/ui/fields/Choice'
import { MaybeMeasure } from '@/ui/fields/MaybeMeasure'
import { Measure } from '@/ui/fields/Measure'
import type { HeaterMode, Night } from './nightInput'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const modeOptions: readonly (readonly [HeaterMode, string])[] = [
  ['off', 'off'],
  ['low', 'on low'],
  ['high', 'on high'],
  ['thermostat', 'by a thermostat'],
]

const heads = ['0', '1', '2', '3', '4', '5', '6'].map((count) => [count, count] as const)

/** Who is there, what burns how long, and what it is like outside. */
export function NightFields({
  night,
  set,
  heaters,
}: {
  night: Night
  set: (change: Partial<Night>) => void
  heaters: readonly StoredHeater[]
}) {
  return (
    <div className="fields narrow">
      <Choice
        id="night-heater"
        label={heatLabels.heater}
        value={night.heaterId ?? ''}
        options={[['', 'none'], ...heaters.map(({ id, name }) => [id, name] as const)]}
        set={(id) => set({ heaterId: id === '' ? null : id })}
      />
      <Choice
        id="night-mode"
        label={heatLabels.itBurns}
        value={night.mode}
        options={modeOptions}
        set={(mode) => set({ mode })}
      />
      {night.mode === 'thermostat' && (
        <Measure
          label="Thermostat at"
          role="temperature"
          value={night.thermostatK}
          set={(thermostatK) => set({ thermostatK })}
        />
      )}
      {night.mode !== 'off' && (
        <MaybeMeasure
          label={heatLabels.turnedOffAfter}
          role="duration"
          value={night.untilS}
          hint="empty: it burns on"
          set={(untilS) => set({ untilS })}
        />
      )}
      <Choice
        id="night-asleep"
        label="People asleep"
        value={String(night.asleep)}
        options={heads}
        set={(count) => set({ asleep: Number(count) })}
      />
      <Choice
        id="night-awake"
        label="awake"
        value={String(night.awake)}
        options={heads}
        set={(count) => set({ awake: Number(count) })}
      />
      <Measure
        label={sharedLabels.outside}
        role="temperature"
        value={night.outsideK}
        set={(outsideK) => set({ outsideK })}
      />
      <Measure
        label="Humidity outside"
        role="share"
        value={night.outsideHumidity}
        mayBeZero
        set={(outsideHumidity) => set({ outsideHumidity })}
      />
      <Measure label="Room at the start" role="temperature" value={night.startK} set={(startK) => set({ startK })} />
      <Measure label="Hours" role="duration" value={night.hoursS} set={(hoursS) => set({ hoursS })} />
      <Measure
        label="Wind"
        role="windSpeed"
        value={night.windMS}
        mayBeZero
        hint="to see; the verdict takes none"
        set={(windMS) => set({ windMS })}
      />
    </div>
  )
}
