import { marginSize, type DisplayRole, type Quantity } from '@/core/base/quantity'
import type { Figure, FigureInput, Slip, SlipLine } from '@/core/rules/figure'
import type { BasisId } from '@/core/rules/basis/basis'
import type { SupplyBalance } from './gasForTrip'
import type { ApplianceUse } from '@/core/run/tripPlan'

/** By typed hours, or computed from habit and weather. */
function basisOf({ habit }: ApplianceUse): BasisId {
  return habit && habit.way !== 'hours' ? 'gas-by-weather' : 'gas-burnt'
}

/**
 * Worked sum of one supply for a trip: aboard − burned − reserve = left over.
 *
 * @param balance - from gasForTrip
 * @param nights - of the trip
 * @param reserveShare - of the trip's gas
 */
export function tripSlip(balance: SupplyBalance, nights: number, reserveShare: number): Slip {
  const role: DisplayRole = balance.supply === 'bottles' ? 'bottleMass' : 'cylinderMass'
  const mass = (value: number): Quantity => ({ value, role })
  const input = (label: string, quantity: Quantity): FigureInput => ({ label, quantity })

  const weighed = balance.cylinders.flatMap(({ cylinder, usableKg }) =>
    usableKg === null ? [] : [{ name: cylinder.name, netKg: usableKg }],
  )
  const cylinderLines = weighed.map(({ name, netKg }, i): SlipLine => {
    return {
      sign: i === 0 ? '' : '+',
      label: name,
      figure: { basis: 'net-by-weight', quantity: mass(netKg), inputs: [] },
    }
  })
  const aboard: Figure = {
    basis: 'gas-aboard',
    quantity: mass(balance.aboardKg),
    inputs: weighed.map(({ name, netKg }) => input(name, mass(netKg))),
  }
  const useLines = balance.uses.map(({ use, gasKg }): SlipLine => {
    const inputs = [
      input('Heat input', { value: use.inputW, role: 'power' }),
      { ...input('Hours a day', { value: use.burnPerDayS, role: 'duration' }), source: use.sources?.habit },
      input('Nights', { value: nights, role: 'count' }),
      ...(use.taught
        ? [input(`Of the hours, by ${use.taught.from}`, { value: use.taught.factor, role: 'share' })]
        : []),
    ]
    const figure = { basis: basisOf(use), quantity: mass(gasKg), source: use.sources?.habit, inputs }
    return { sign: '−', label: use.taught ? `${use.name}, as ${use.taught.from} taught` : use.name, figure }
  })
  const needed = input('Gas for the trip', mass(balance.neededKg))
  const reserve: Figure = {
    basis: 'reserve',
    quantity: mass(balance.reserveKg),
    inputs: [needed, input('Reserve', { value: reserveShare, role: 'share' })],
  }
  const short = balance.leftKg < 0
  return {
    lines: [
      ...cylinderLines,
      { sign: '=', label: 'Gas aboard', figure: aboard },
      ...useLines,
      { sign: '−', label: 'Reserve', figure: reserve },
    ],
    result: {
      label: short ? 'Short by' : 'Left over',
      figure: {
        basis: 'left-over',
        quantity: marginSize(balance.leftKg, role),
        inputs: [input('Gas aboard', aboard.quantity), needed, input('Reserve', reserve.quantity)],
      },
    },
    further: [],
  }
}
