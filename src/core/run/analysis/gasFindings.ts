import type { Finding } from '@/core/findings/Finding'
import { opens } from '@/core/findings/findingFacts'
import { makeFinding } from '@/core/findings/makeFinding'
import type { TripPlan } from '@/core/run/tripPlan'
import type { DisplayRole, Quantity } from '@/core/base/quantity'
import type { SupplyBalance } from './gasForTrip'

const supplyPhrases = { line: 'the rig’s line', bottles: 'the small bottles' } as const

function balanceFindings({ supply, cylinders, neededKg, reserveKg, leftKg, aboardKg }: SupplyBalance): Finding[] {
  if (neededKg === 0 || leftKg >= 0) return []
  const role: DisplayRole = supply === 'bottles' ? 'bottleMass' : 'cylinderMass'
  const mass = (value: number): Quantity => ({ value, role })
  const onlyReserve = aboardKg >= neededKg
  const remedySubject = cylinders[0]?.cylinder.id
  return [
    makeFinding('run', onlyReserve ? 'reserve-short' : 'gas-not-enough', {
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
  const findings = balances.flatMap(balanceFindings)
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
