import { isAssumed } from '@/core/base/provenance'
import type { Finding } from '@/core/findings/Finding'
import type { FindingCode } from '@/core/findings/findingCodes'
import { type FindingText, makeFinding } from '@/core/findings/makeFinding'
import { isForecastLongEnough } from '@/core/run/weather/forecast'
import { formatTripTime, tripLengthS } from '@/core/time/tripClock'
import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import { readActivities } from '@/core/appliances/activities'
import type { TripPlan } from '@/core/run/tripPlan'
import type { Outage, OutageCause, TripRun, TripRunInput } from '@/core/run/simulation/tripRun'
import type { Quantity } from '@/core/base/quantity'

/** A finding whose reason has no parts but its own. */
function finding({ code, reasonParts = null, ...said }: FindingText & { code: FindingCode<'run'> }): Finding {
  return makeFinding('run', code, { ...said, reasonParts })
}

const mass = (value: number, isSmall: boolean): Quantity => ({ value, role: isSmall ? 'bottleMass' : 'cylinderMass' })

/** Hours of a trip within which a thing without a chimney would burn while people sleep. */
const ASLEEP_S = 1800

function isUnventedHeater(kind: ApplianceKind): boolean {
  const { isHeater, exhaust } = applianceTraits[kind]
  return isHeater && exhaust === 'room'
}

/** What each cause of an outage is called in the findings. */
const codes: Readonly<Record<OutageCause, FindingCode<'run'>>> = {
  cold: 'cold-starve',
  empty: 'runs-empty',
  lever: 'nobody-turns-over',
  regulator: 'regulator-too-small',
  battery: 'battery-short',
}

function outageFinding(
  run: TripRun,
  input: TripRunInput,
  { sourceId, cause, fromS, toS, missingKg, leftKg, applianceIds }: Outage,
): Finding {
  const source = run.sources.find(({ id }) => id === sourceId)
  const name = source?.name ?? sourceId
  const when = formatTripTime(fromS, input)
  const isSmall = sourceId === 'bottles'
  const hours: Quantity = { value: toS - fromS, role: 'duration' }
  const appliances = applianceIds.flatMap((id) => input.appliances.find((one) => one.id === id)?.name || []).join(', ')
  const common = { code: codes[cause], about: sourceId }
  switch (cause) {
    case 'cold':
      return finding({
        ...common,
        text: 'Cold stops {name} on {when}, with {stranded} still in it.',
        parts: { name, when, stranded: mass(leftKg, isSmall) },
        reason:
          'Liquid boils no faster than heat comes through the wetted wall. {missing} would be missing within {hours}.',
        reasonParts: { missing: mass(missingKg, isSmall), hours },
      })
    case 'empty':
      return finding({
        ...common,
        text: 'The gas of {name} ends on {when}.',
        parts: { name, when },
        reason: 'Hour by hour, {appliances} would go without {missing} from there on.',
        reasonParts: { appliances: appliances || 'what burns', missing: mass(missingKg, isSmall) },
      })
    case 'lever':
      return finding({
        ...common,
        text: 'On {when} {name} needs its lever turned, and everybody is asleep.',
        parts: { name, when },
        reason: 'One side gives no more, the other would. Nobody turns it for {hours}.',
        reasonParts: { hours },
      })
    case 'regulator':
      return finding({
        ...common,
        text: 'On {when} more burns on {name} than its regulator passes.',
        parts: { name, when },
        reason: '{appliances} together want more than it is rated for: all of them weaken.',
        reasonParts: { appliances },
      })
    default:
      return finding({
        ...common,
        text: 'The battery is flat on {when}, and {appliances} stops with gas in the cylinders.',
        parts: { when, appliances },
        reason: 'A blower and its spark live on 12 V. Over the trip {hours} of it would be missing.',
        reasonParts: { hours },
      })
  }
}

/** Findings about what is unknown, and about what would be computed wrongly because of it. */
function unknowns(trip: TripPlan, input: TripRunInput): Finding[] {
  const found: Finding[] = []
  const burning = input.appliances
  if (burning.length > 0 && !trip.forecast && trip.coldestK === null) {
    found.push(
      finding({
        code: 'weather-not-known',
        text: 'How cold the nights get is not entered.',
        reason: 'A cold cylinder gives less, and a heater burns more. The sums are of mild nights.',
      }),
    )
  }
  if (isAssumed(trip.sources, 'altitudeM')) {
    found.push(
      finding({
        code: 'altitude-not-known',
        text: 'How high the trip goes is not entered: sea level is assumed.',
        reason: 'Thin air limits heaters, lowers what gauges show and starves burners. Enter the highest night.',
      }),
    )
  }
  const { forecast } = trip
  const isOther = typeof forecast?.fromDay === 'string' && forecast.fromDay !== trip.startDay
  // The last hour is extended beyond the forecast.
  const tripS = Math.min(tripLengthS(input.clockChanges, trip.nights), input.lastsS ?? Infinity)
  const isShort = forecast ? !isForecastLongEnough(forecast, tripS) : false
  if (burning.length > 0 && (isOther || isShort)) {
    found.push(
      finding({
        code: 'forecast-of-other-days',
        text: isOther ? 'The forecast is of other days than the trip.' : 'The forecast ends before the trip does.',
        reason: isOther
          ? 'It begins on {day}. Ask for it anew, or type the nights.'
          : 'From there on its last hour is taken to last. Ask for it anew, or type the nights.',
        ...(isOther && { reasonParts: { day: forecast?.fromDay ?? '' } }),
      }),
    )
  }
  const warm = burning.find(({ habit }) => habit.way === 'warmth')
  if (warm && input.rig === null) {
    found.push(
      finding({
        code: 'warmth-not-known',
        text: 'How fast the room loses heat is not known: {name} is counted at full.',
        parts: { name: warm.name },
        reason: 'Draw the room at Heat & air, or log one evening’s warming up.',
      }),
    )
  }
  const blower = burning.find(
    ({ needsBattery, byNight, currentA }) => (needsBattery && currentA > 0) || byNight.includes('battery'),
  )
  if (blower && input.battery === null) {
    found.push(
      finding({
        code: 'battery-not-entered',
        text: '{name} lives on the battery, which is not entered.',
        parts: { name: blower.name },
        reason: 'A flat battery stops the heat with the cylinders full.',
      }),
    )
  }
  for (const { name, habit, id } of burning) {
    if (habit.way !== 'acts') continue
    const { unknown } = readActivities(habit.words)
    if (unknown.length === 0) continue
    found.push(
      finding({
        code: 'habit-not-understood',
        text: '{name}: “{words}” says nothing here, and counts as nothing.',
        parts: { name, words: unknown.join(', ') },
        reason: 'Coffee, tea, breakfast, lunch, soup, dinner, bread, showers, dishes and washing are known.',
        about: id,
      }),
    )
  }
  return found
}

/** A flat battery that stops no gas appliance: loads on 12 V stop, and so do the alarms. */
function flatBattery(input: TripRunInput, { battery, outages }: TripRun): Finding[] {
  if (!battery || battery.flatAtS === null || outages.some(({ cause }) => cause === 'battery')) return []
  const onIt = input.appliances.filter(({ byNight }) => byNight.includes('battery')).map(({ name }) => name)
  return [
    finding({
      code: codes.battery,
      text: 'The battery is flat on {when}.',
      parts: { when: formatTripTime(battery.flatAtS, input) },
      reason: onIt.length > 0 ? '{names} runs on it, and so do the alarms.' : 'Alarms, lights and pump live on it.',
      ...(onIt.length > 0 && { reasonParts: { names: onIt.join(', ') } }),
    }),
  ]
}

/** An unvented heater that is planned to burn while people sleep, whichever page its hours were typed on. */
function litWhileAsleep(input: TripRunInput): Finding[] {
  const sleepS = ((input.wakeH - input.sleepH + 24) % 24) * 3600
  return input.appliances
    .filter(({ kind, habit }) => {
      if (!isUnventedHeater(kind)) return false
      if (habit.way === 'warmth') return habit.asleepK !== null
      if (habit.way !== 'hours' || sleepS === 0) return false
      const toSleepS = ((input.sleepH - habit.fromH + 24) % 24) * 3600
      const isLitAtSleep = habit.burnPerDayS > toSleepS + ASLEEP_S
      const sinceSleepS = ((habit.fromH - input.sleepH + 24) % 24) * 3600
      return isLitAtSleep || (sinceSleepS < sleepS && habit.burnPerDayS > ASLEEP_S && sinceSleepS < sleepS - ASLEEP_S)
    })
    .map(({ id, name }) =>
      finding({
        code: 'heater-lit-asleep',
        text: '{name} has no chimney and is planned to burn while people sleep.',
        parts: { name },
        reason:
          'It uses up the air they breathe, and nobody sees it burn badly. Plan it for the evening and the morning.',
        about: id,
      }),
    )
}

/**
 * Findings about a trip hour by hour.
 *
 * @param trip - the plan
 * @param input - as it was run
 * @param run - what came of it
 * @param shortOf - supplies already reported as short
 */
export function runFindings(
  trip: TripPlan,
  input: TripRunInput,
  run: TripRun,
  shortOf: readonly string[] = [],
): Finding[] {
  const seen = new Set<string>()
  const outages = run.outages.filter(({ sourceId, cause }) => {
    const key = `${sourceId} ${cause}`
    if (seen.has(key) || (cause === 'empty' && shortOf.includes(sourceId))) return false
    seen.add(key)
    return true
  })
  const pilots = input.appliances.filter(
    ({ pilotW, sourceId }) =>
      pilotW > 0 && run.outages.some((outage) => outage.sourceId === sourceId && outage.cause !== 'battery'),
  )
  const nightly = run.changes.filter(({ by, asleep }) => by === 'hand' && asleep)
  return [
    ...litWhileAsleep(input),
    ...outages.map((outage) => outageFinding(run, input, outage)),
    ...flatBattery(input, run),
    ...unknowns(trip, input),
    ...(pilots.length > 0
      ? [
          finding({
            code: 'pilots-to-relight',
            text: 'After the gas has been away, every standing pilot is lit again and counted: {names}.',
            parts: { names: pilots.map(({ name }) => name).join(', ') },
            reason: 'A pilot that is forgotten lets gas out unburnt as soon as it comes back.',
          }),
        ]
      : []),
    ...nightly.slice(0, 1).map(({ atS, sourceId }) =>
      finding({
        code: 'get-up-at-night',
        text: 'Somebody gets up on {when} to turn {name} over.',
        parts: {
          when: formatTripTime(atS, input),
          name: run.sources.find(({ id }) => id === sourceId)?.name ?? sourceId,
        },
        reason: 'So it is planned. An automatic changeover, or turning to the fuller side before bed, saves it.',
      }),
    ),
  ]
}
