import type { Finding } from '@/core/findings/Finding'
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
    {
      code: onlyReserve ? 'reserve-short' : 'gas-not-enough',
      station: 'run',
      severity: 'fix-first',
      sentence: onlyReserve
        ? {
            text: `There is enough on ${supplyPhrases[supply]}, but {short} of the reserve is missing.`,
            parts: { short: mass(-leftKg) },
          }
        : {
            text: `There is not enough on ${supplyPhrases[supply]}: {short} is missing.`,
            parts: { short: mass(-leftKg) },
          },
      reason: {
        text: 'The trip burns {needed}, the reserve is {reserve}, and {aboard} is aboard.',
        parts: { needed: mass(neededKg), reserve: mass(reserveKg), aboard: mass(aboardKg) },
      },
      remedy: {
        label: 'Fill',
        station: 'fill',
        page: supply === 'bottles' ? 'bottles' : 'by-weight',
        ...(remedySubject && { subjectId: remedySubject }),
      },
      basis: ['left-over', 'gas-burnt', 'gas-aboard'],
    },
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
    findings.push({
      code: 'no-appliance-hours',
      station: 'run',
      severity: 'fix-first',
      sentence: { text: 'No appliance has hours on this trip.' },
      reason: { text: 'Without hours nobody can say whether the gas is enough.' },
      remedy: { label: 'Enter the hours', station: 'trip', subjectId: trip.id },
      basis: ['hours-per-day'],
    })
  }
  return findings
}
