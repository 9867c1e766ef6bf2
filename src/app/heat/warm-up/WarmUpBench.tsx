'use client'

import { useMemo, useState } from 'react'
import { voidEventAction } from '@/actions/log'
import { recordWarmUpAction } from '@/actions/heat'
import { BenchPicker } from '@/ui/shell/BenchPicker'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { lastLog } from '@/app/heat/heatDefaults'
import type { Room } from '@/core/heat/room/room'
import { roomWarmth } from '@/core/heat/warmth/roomWarmth'
import { Choice } from '@/ui/fields/Choice'
import { SaveBar } from '@/ui/fields/SaveBar'
import { useSessionState } from '@/ui/state/useSessionState'
import { useNotice } from '@/ui/state/UndoProvider'
import { FitResult } from './FitResult'
import { LogRows } from './LogRows'
import { NightOutlook } from './NightOutlook'
import { emptyRow, readLog, type LogSetting, type LogTexts } from './readLog'
import { nothingTyped } from '@/ui/fields/typedQuantity'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { heatLabels } from '@/ui/terms/heatLabels'

const settingOptions: readonly (readonly [LogSetting, string])[] = [
  ['high', 'on high all along'],
  ['low', 'on low all along'],
  ['changed', 'changed on the way'],
  ['not-known', 'not written down'],
]

const blankLog: LogTexts = { outside: nothingTyped, rows: [emptyRow, emptyRow, emptyRow, emptyRow] }

/** A warm-up entered or captured, fitted as it is typed, and what follows for a night. */
export function WarmUpBench({ data, room, roomId }: { data: HeatPageData; room: Room; roomId: string }) {
  const { heaters } = data
  const say = useNotice()
  const form = useSavedForm({ slot: `warm-up ${roomId}`, initial: blankLog, send: recordWarmUpAction })
  const { values: texts, set: change, saving } = form
  const [heaterId, setHeaterId] = useState(heaters[0]?.id ?? '')
  const [setting, setSetting] = useSessionState<LogSetting>(`warm-up setting ${roomId}`, 'not-known')
  const heater = heaters.find(({ id }) => id === heaterId) ?? null
  const read = useMemo(
    () => (heater ? readLog(texts, setting, heater.heater) : { fits: [], issue: null }),
    [texts, setting, heater],
  )
  const log = lastLog(data)
  const warmth = useMemo(() => roomWarmth(room, read.fits[0]?.log ?? log), [room, read, log])
  return (
    <>
      <div className="line-head">
        <BenchPicker of="room" things={data.rooms} chosenId={roomId} addAt={null} />
        {heaters.length > 0 && (
          <>
            <Choice
              id="log-heater"
              label={heatLabels.heaterThatWarmedIt}
              value={heaterId}
              options={heaters.map(({ id, name }) => [id, name] as const)}
              set={setHeaterId}
            />
            <Choice
              id="log-setting"
              label={heatLabels.itsSetting}
              value={setting}
              options={settingOptions}
              set={setSetting}
            />
          </>
        )}
      </div>
      <NightOutlook data={data} room={room} warmth={warmth} fromTyped={read.fits.length > 0}>
        <form
          className="warm-up"
          noValidate
          onSubmit={async (event) => {
            event.preventDefault()
            const [first] = read.fits
            if (!first) return
            const saved = await form.save({ roomId, settingKnown: setting !== 'not-known', log: first.log })
            if (!saved) return
            const { id } = saved.value
            say({
              done: heatLabels.warmUpSaved,
              undo: async () =>
                (await voidEventAction({ of: 'warm-up', id, reason: 'Undone right after it was saved' })).ok,
            })
          }}
        >
          {heaters.length === 0 ? (
            <p className="hint">Enter the heater first: what it burned is half of the sum.</p>
          ) : (
            <LogRows texts={texts} change={change} issue={read.issue} isChanged={setting === 'changed'} />
          )}
          <SaveBar label={heatLabels.saveTheWarmUp} saving={saving} dirty={read.fits.length > 0} />
        </form>
        <FitResult read={read} setting={setting} texts={texts} />
      </NightOutlook>
    </>
  )
}
