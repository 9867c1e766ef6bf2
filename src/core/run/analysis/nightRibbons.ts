import type { OutageCause, TripRun } from '@/core/run/simulation/tripRun'
import { clockShiftS, formatTripTime, nightOf, type TripClock } from '@/core/time/tripClock'
import { fromUnit } from '@/core/units/convert'

/** One hour of the trip in the chart. */
export interface RibbonHour {
  /** Since the trip began. */
  fromS: number
  /** Hour of the clock at its beginning, 0 to 23. */
  clockH: number
  state: 'nothing' | 'well' | 'weak' | 'short'
  /** Lowest gauge pressure in use on this source. */
  gaugePa: number
  /** The same over the highest of the trip, 0 to 1. */
  share: number
  wantedW: number
  givenW: number
  outsideK: number
  roomK: number | null
  /** Gas in all its cylinders at the end of the hour. */
  massKg: number
  batteryShare: number | null
  /** A cylinder in use has frost. */
  frosted: boolean
  causes: readonly OutageCause[]
  words: string
}

export interface NightRibbon {
  /** From 1. */
  night: number
  /** Pressure that the regulator needs, over the highest pressure of the trip. */
  needShare: number
  hours: readonly RibbonHour[]
}

const HOUR_S = 3600

/** Nearer than this to what the regulator needs is weak. [common practice] */
const WEAK_PA = fromUnit(5, 'gaugePressure', 'psi')

/**
 * The trip as one row of hours per night, for one source.
 *
 * @param run - of the trip
 * @param clock - of the trip
 * @param sourceId - source whose pressure is shown
 */
export function nightRibbons(run: TripRun, clock: TripClock, sourceId: string): NightRibbon[] {
  const at = run.sources.findIndex(({ id }) => id === sourceId)
  const needPa = run.sources[at]?.needGaugePa ?? 0
  const highestPa = Math.max(1, needPa, ...run.series.map(({ sources }) => sources[at]?.gaugePa ?? 0))
  const nights = new Map<number, RibbonHour[]>()
  const hours = new Map<number, TripRun['series'][number][]>()
  for (const moment of run.series) {
    const hour = Math.floor((moment.timeS - 1) / HOUR_S)
    hours.set(hour, [...(hours.get(hour) ?? []), moment])
  }
  for (const [hour, moments] of hours) {
    const fromS = hour * HOUR_S
    const own = moments.flatMap((moment) => moment.sources[at] ?? [])
    const last = moments.at(-1)
    if (!last) continue
    const burning = own.filter(({ wantedW }) => wantedW > 0)
    const gaugePa = Math.min(...(burning.length > 0 ? burning : own).map((one) => one.gaugePa))
    const mean = (of: (one: (typeof own)[number]) => number): number =>
      own.reduce((sum, one) => sum + of(one), 0) / Math.max(1, own.length)
    const causes = run.outages
      .filter((outage) => outage.sourceId === sourceId && outage.fromS < fromS + HOUR_S && outage.toS > fromS)
      .map(({ cause }) => cause)
    const [wantedW, givenW] = [mean((one) => one.wantedW), mean((one) => one.givenW)]
    const isShort = causes.length > 0 && (givenW < 0.95 * wantedW || causes.includes('battery'))
    const state = isShort ? 'short' : wantedW === 0 ? 'nothing' : gaugePa - needPa < WEAK_PA ? 'weak' : 'well'
    const night = nightOf(clock.clockChanges, fromS) + 1
    nights.set(night, [
      ...(nights.get(night) ?? []),
      {
        fromS,
        clockH: Math.floor(run.startH + hour + clockShiftS(clock.clockChanges, fromS) / HOUR_S) % 24,
        state,
        gaugePa,
        share: Math.max(0, gaugePa) / highestPa,
        wantedW,
        givenW,
        outsideK: last.outsideK,
        roomK: last.roomK,
        massKg: last.cylinders.reduce((sum, { massKg }) => sum + massKg, 0),
        batteryShare: last.batteryShare,
        frosted: moments.some(({ cylinders, sources }) =>
          run.cylinders.some(({ id }, i) => id === sources[at]?.inUseId && cylinders[i]?.frosted),
        ),
        causes: isShort ? causes : [],
        words: formatTripTime(fromS, clock),
      },
    ])
  }
  return [...nights].map(([night, of]) => ({ night, needShare: needPa / highestPa, hours: of }))
}

/**
 * The critical hour: the first shortage, else the lowest pressure while something burns.
 *
 * @param ribbons - of one source
 * @returns null where nothing burns
 */
export function weakestHour(ribbons: readonly NightRibbon[]): RibbonHour | null {
  const hours = ribbons.flatMap((ribbon) => ribbon.hours)
  const short = hours.find(({ state }) => state === 'short')
  if (short) return short
  return hours
    .filter(({ state }) => state !== 'nothing')
    .reduce<RibbonHour | null>((least, hour) => (least === null || hour.gaugePa < least.gaugePa ? hour : least), null)
}
