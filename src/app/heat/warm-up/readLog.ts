import { InputError } from '@/core/base/InputError'
import type { Heater } from '@/core/heat/heaters/heater'
import { warmUpFit, type WarmUpFit, type WarmUpInput } from '@/core/heat/warmth/warmUpFit'
import { nothingTyped, readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'

/** What the heater is set to from a reading on. */
export type RowSetting = 'high' | 'low' | 'off'

export interface LogRow {
  minutes: TypedQuantity
  temperature: TypedQuantity
  setting: RowSetting
}

export const emptyRow: LogRow = { minutes: nothingTyped, temperature: nothingTyped, setting: 'high' }

/** What is typed of a warm-up. */
export interface LogTexts {
  outside: TypedQuantity
  rows: readonly LogRow[]
}

/** What the heater burned during the log. */
export type LogSetting = 'high' | 'low' | 'changed' | 'not-known'

export interface ReadLog {
  /** A fit for each setting that is possible; none while something is missing. */
  fits: readonly { setting: 'high' | 'low' | 'changed'; log: WarmUpInput; fit: WarmUpFit }[]
  issue: { path: string; message: string } | null
}

/**
 * Reads a log as typed and fits it; where the setting is not known, for both.
 *
 * @param texts - as typed; rows left empty do not count
 * @param setting - of the heater
 * @param heater - its inputs, and whether it has a flue
 */
export function readLog(
  texts: LogTexts,
  setting: LogSetting,
  { highW, lowW, vented }: Pick<Heater, 'highW' | 'lowW' | 'vented'>,
): ReadLog {
  const inputsW = { high: highW, low: lowW }
  const outsideK = readQuantity(texts.outside, 'temperature').value
  const rows = texts.rows.flatMap(({ minutes, temperature, setting: set }) => {
    const timeS = readQuantity(minutes, 'minutes').value
    const temperatureK = readQuantity(temperature, 'temperature').value
    return timeS === null || temperatureK === null
      ? []
      : [{ timeS, temperatureK, inputW: set === 'off' ? 0 : inputsW[set] }]
  })
  const readings = rows.map(({ timeS, temperatureK }) => ({ timeS, temperatureK }))
  if (outsideK === null || readings.length === 0) return { fits: [], issue: null }
  const possible = setting === 'not-known' ? (['high', 'low'] as const) : [setting]
  try {
    return {
      fits: possible.map((one) => {
        const settings = one === 'changed' ? rows.map(({ timeS, inputW }) => ({ fromS: timeS, inputW })) : []
        const inputW = inputsW[one === 'low' ? 'low' : 'high']
        const log: WarmUpInput = { outsideK, inputW, readings, settings, vented }
        return { setting: one, log, fit: warmUpFit(log) }
      }),
      issue: null,
    }
  } catch (error) {
    if (error instanceof InputError) return { fits: [], issue: error.issues[0] ?? null }
    throw error
  }
}
