import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import type { LineSide } from '@/core/hookup/line/lineVolume'
import { leakRate, type LeakRate, type LeakRateInput } from '@/core/leak-test/hold/leakRate'
import { uTubeGaugePa } from '@/core/leak-test/hold/uTube'
import { nothingTyped, readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'

/** Ways to read the pressure. */
export const holdWays = ['middle', 'ruler', 'gauge'] as const

export type HoldWay = (typeof holdWays)[number]

/** What is typed of a hold test; an `a` is the open column or the gauge, a `b` the column on the gas’s side. */
export interface HoldTexts {
  way: HoldWay
  /** Whether the gauge shows single psi. */
  gauge?: 'dial' | 'fine'
  startA: TypedQuantity
  startB: TypedQuantity
  endA: TypedQuantity
  endB: TypedQuantity
  minutes: TypedQuantity
  startT: TypedQuantity
  endT: TypedQuantity
  volume: TypedQuantity
  space: TypedQuantity
}

/** A field of a quantity. */
export type HoldField = Exclude<keyof HoldTexts, 'way' | 'gauge'>

export const emptyHold: HoldTexts = {
  way: 'middle',
  startA: nothingTyped,
  startB: nothingTyped,
  endA: nothingTyped,
  endB: nothingTyped,
  minutes: nothingTyped,
  startT: nothingTyped,
  endT: nothingTyped,
  volume: nothingTyped,
  space: nothingTyped,
}

export interface HoldReading {
  input: LeakRateInput | null
  rate: LeakRate | null
  /** Columns of the last complete pair, from one mark. */
  tube: { openM: number; gasM: number } | null
  issueAt: (field: string) => string | null
}

/** Assumed line temperature when not measured; only its change matters. */
const MILD_K = 288.7

/** A U-tube is for the low side of propane; everything else is read off a gauge. */
export const isByGauge = (side: LineSide, gas: 'propane' | 'co2'): boolean => side === 'cylinder' || gas === 'co2'

/** Role of the pressures a gauge shows there. */
export const pressureRole = (side: LineSide, gas: 'propane' | 'co2'): DisplayRole =>
  isByGauge(side, gas) ? 'cylinderPressure' : 'linePressure'

/**
 * Reads what is typed of a hold test.
 *
 * @param texts - as typed
 * @param side - of the line
 * @param lineVolumeM3 - computed from the line; a typed value takes precedence
 * @param conditions - of the place, and the gas in the line
 */
export function readHold(
  texts: HoldTexts,
  side: LineSide,
  lineVolumeM3: number,
  conditions: { atmospherePa: number; gas: 'propane' | 'co2' },
): HoldReading {
  const { atmospherePa, gas } = conditions
  const issues = new Map<string, string>()
  const number = (key: HoldField, role: DisplayRole): number | null => readQuantity(texts[key], role).value
  const way: HoldWay = isByGauge(side, gas) ? 'gauge' : texts.way
  let tube: HoldReading['tube'] = null

  const pressure = (a: 'startA' | 'endA', b: 'startB' | 'endB'): number | null => {
    if (way === 'gauge') return number(a, pressureRole(side, gas))
    const [open, gasSide] = [number(a, 'column'), number(b, 'column')]
    if (open === null || gasSide === null) return null
    // From the middle mark the gas column is entered as a depth.
    const gasM = way === 'middle' ? -Math.abs(gasSide) : gasSide
    try {
      const gaugePa = uTubeGaugePa(open, gasM)
      tube = { openM: open, gasM }
      return gaugePa
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      for (const { path, message } of error.issues) issues.set(path === 'gasM' ? b : a, message)
      return null
    }
  }
  const startGaugePa = pressure('startA', 'startB')
  const endGaugePa = pressure('endA', 'endB')
  const durationS = number('minutes', 'minutes')
  const issueAt = (field: string): string | null => issues.get(field) ?? null
  if (startGaugePa === null || endGaugePa === null || durationS === null) {
    return { input: null, rate: null, tube, issueAt }
  }
  const space = number('space', 'space')
  const measuredK = number('startT', 'temperature')
  if (measuredK === null && side === 'cylinder' && gas === 'propane') {
    issues.set('startT', 'On this side the start is judged by the vapor pressure of the day: enter it.')
    return { input: null, rate: null, tube, issueAt }
  }
  const startK = measuredK ?? MILD_K
  const input: LeakRateInput = {
    lineVolumeM3: number('volume', 'lineVolume') ?? lineVolumeM3,
    startGaugePa,
    endGaugePa,
    durationS,
    startK,
    endK: number('endT', 'temperature') ?? startK,
    atmospherePa,
    gas,
    ...(texts.gauge === 'fine' && isByGauge(side, gas) && { fineGauge: true }),
    ...(space !== null && { spaceVolumeM3: space }),
  }
  const fieldOf: Readonly<Record<string, HoldField>> = {
    lineVolumeM3: 'volume',
    startGaugePa: 'startA',
    endGaugePa: 'endA',
    durationS: 'minutes',
    startK: 'startT',
    endK: 'endT',
    spaceVolumeM3: 'space',
    pressurePa: 'startA',
  }
  try {
    return { input, rate: leakRate(input), tube, issueAt }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    for (const { path, message } of error.issues) issues.set(fieldOf[path] ?? 'startA', message)
    return { input: null, rate: null, tube, issueAt }
  }
}
