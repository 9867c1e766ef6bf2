import { supplyLabels } from '@/core/cylinders/cylinderKind'
import type { TripPlan } from '@/core/run/tripPlan'
import type { SupplyBalance } from '@/core/run/analysis/gasForTrip'
import { tripSlip } from '@/core/run/analysis/tripSlip'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { GasBars } from './GasBars'

function slipSub({ allWeighed, cylinders }: SupplyBalance): string {
  const barred = cylinders
    .filter((held) => held.barred !== null)
    .map((held) => `${held.cylinder.name} is ${held.barred}`)
  const weighed = allWeighed ? 'by the last weighings' : 'not every cylinder is weighed'
  return barred.length === 0 ? weighed : `${weighed}; not counted: ${barred.join(', ')}`
}

/** What is aboard against what burns, drawn, for each supply that anything burns from. */
export function SupplyBars({ balances }: { balances: readonly SupplyBalance[] }) {
  return balances.map((balance) => (
    <GasBars key={balance.supply} balance={balance} title={supplyLabels[balance.supply]} />
  ))
}

/** The same as sums. */
export function SupplySlips({
  balances,
  trip,
}: {
  balances: readonly SupplyBalance[]
  trip: Pick<TripPlan, 'nights' | 'reserveShare'>
}) {
  return balances.map((balance) => (
    <SlipPaper
      key={balance.supply}
      title={supplyLabels[balance.supply]}
      sub={slipSub(balance)}
      slip={tripSlip(balance, trip.nights, trip.reserveShare)}
    />
  ))
}
