import { roundTo } from '@/core/units/roundTo'
import { csvTable } from '@/core/base/csvTable'
import { formatTripTime, type TripClock } from '@/core/time/tripClock'
import type { TripRun } from '@/core/run/simulation/tripRun'

/**
 * The time series of a trip as CSV in SI units (RFC 4180).
 *
 * @param run - of the trip
 * @param clock - of the trip
 * @param names - of the cylinders, by identifier
 */
export function runCsv(run: TripRun, clock: TripClock, names: ReadonlyMap<string, string>): string {
  const fields = [
    'time_s',
    'moment',
    'outside_K',
    'room_K',
    ...run.sources.flatMap(({ name, id }) => [
      `${name || id}: gauge_Pa`,
      `${name || id}: wanted_W`,
      `${name || id}: given_W`,
    ]),
    ...run.cylinders.flatMap(({ id }) => [`${names.get(id) ?? id}: gas_kg`, `${names.get(id) ?? id}: liquid_K`]),
    'battery_share',
  ]
  const data = run.series.map((moment) => [
    moment.timeS,
    formatTripTime(moment.timeS, clock),
    roundTo(moment.outsideK, 2),
    moment.roomK === null ? null : roundTo(moment.roomK, 2),
    ...moment.sources.flatMap(({ gaugePa, wantedW, givenW }) => [gaugePa, wantedW, givenW].map(Math.round)),
    ...moment.cylinders.flatMap(({ massKg, temperatureK }) => [roundTo(massKg, 4), roundTo(temperatureK, 2)]),
    moment.batteryShare === null ? null : roundTo(moment.batteryShare, 3),
  ])
  return csvTable(fields, data)
}
