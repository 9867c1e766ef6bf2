import { cheapestPerKg, type PriceOffer } from '@/core/fill/cost/fillCosts'
import type { GasPrices } from '@/core/run/analysis/fillBefore'

/** What gas and bottles cost the owner at the cheapest. */
export function gasPrices(offers: readonly PriceOffer[]): GasPrices {
  const bottles = offers.filter(({ way }) => way === 'bottles').map(({ price }) => price)
  return { perKg: cheapestPerKg(offers), perBottle: bottles.length > 0 ? Math.min(...bottles) : null }
}
