import type { Supply } from '@/core/cylinders/cylinderKind'
import type { Finding } from '@/core/findings/Finding'
import { opens } from '@/core/findings/findingFacts'
import { makeFinding } from '@/core/findings/makeFinding'
import { isHeating, type TripPlan } from '@/core/run/tripPlan'
import { coldestOfTripK } from '@/core/run/weather/forecastOfTrip'
import type { DisplayRole, Quantity } from '@/core/base/quantity'
import type { SupplyBalance } from './gasForTrip'

const supplyPhrases = { line: 'the rig’s line', bottles: 'the small bottles' } as const

const FREEZING_K = 273.15

/** Whether all heat of the trip comes from one supply, and a night freezes or nobody knows that none does. */
function isOnlyHeat(supply: Supply, trip: TripPlan): boolean {
  const heaters = trip.uses.filter(isHeating)
  const isWeatherKnown = trip.coldestK !== null || !!trip.forecast
  const freezes = !isWeatherKnown || coldestOfTripK(trip) < FREEZING_K
  return freezes && heaters.length > 0 && heaters.every((heater) => heater.supply === supply)
}

function balanceFindings(
  { supply, cylinders, neededKg, reserveKg, leftKg, aboardKg }: SupplyBalance,
  trip: TripPlan,
): Finding[] {
  if (neededKg === 0 || leftKg >= 0) return []
  const role: DisplayRole = supply === 'bottles' ? 'bottleMass' : 'cylinderMass'
  const mass = (value: number): Quantity => ({ value, role })
  const onlyReserve = aboardKg >= neededKg
  const remedySubject = cylinders[0]?.cylinder.id
  const code = onlyReserve ? 'reserve-short' : isOnlyHeat(supply, trip) ? 'heat-gas-not-enough' : 'gas-not-enough'
  return [
    makeFinding('run', code, {
      text: onlyReserve
        ? `There is enough on ${supplyPhrases[supply]}, but {short} of the reserve is missing.`
        : `There is not enough on ${supplyPhrases[supply]}: {short} is missing.`,
      parts: { short: { ...mass(-leftKg), rounded: 'up' } },
      reason: 'The trip burns {needed}, the reserve is {reserve}, and {aboard} is aboard.',
      reasonParts: { needed: mass(neededKg), reserve: mass(reserveKg), aboard: mass(aboardKg) },
      ...(supply === 'bottles' && { fix: opens('Fill', 'fill', 'bottles') }),
      ...(remedySubject && { subjectId: remedySubject }),
    }),
  ]
}

/**
 * Findings about the gas for a trip.
 *
 * @param balances - from gasForTrip
 * @param trip - the same trip
 */
export function gasFindings(balances: readonly SupplyBalance[], trip: TripPlan): Finding[] {
  const findings = balances.flatMap((balance) => balanceFindings(balance, trip))
  if (balances.every(({ neededKg }) => neededKg === 0)) {
    findings.push(
      makeFinding('run', 'no-appliance-hours', {
        text: 'No appliance has hours on this trip.',
        reason: 'Without hours nobody can say whether the gas is enough.',
        subjectId: trip.id,
      }),
    )
  }
  return findings
}
