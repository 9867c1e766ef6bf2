import { formatTripTime } from '@/core/time/tripClock'
import type { TripRun } from '@/core/run/simulation/tripRun'

const quoted = (text: string): string => `"${text.replaceAll('"', '""')}"`
/** A spreadsheet would take a name that begins so for a formula. */
const plain = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text)

/**
 * A trip’s series as a table in SI, one line for each moment (RFC 4180).
 *
 * @param run - of the trip
 * @param startISO - when it begins
 * @param names - of the cylinders, by identifier
 */
export function runCsv(run: TripRun, startISO: string, names: ReadonlyMap<string, string>): string {
  const head = [
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
  const rows = run.series.map((moment) => [
    moment.timeS.toFixed(0),
    quoted(formatTripTime(moment.timeS, startISO)),
    moment.outsideK.toFixed(2),
    moment.roomK?.toFixed(2) ?? '',
    ...moment.sources.flatMap(({ gaugePa, wantedW, givenW }) =>
      [gaugePa, wantedW, givenW].map((one) => one.toFixed(0)),
    ),
    ...moment.cylinders.flatMap(({ massKg, temperatureK }) => [massKg.toFixed(4), temperatureK.toFixed(2)]),
    moment.batteryShare?.toFixed(3) ?? '',
  ])
  return [head.map((name) => quoted(plain(name))), ...rows].map((row) => row.join(',')).join('\r\n') + '\r\n'
}
