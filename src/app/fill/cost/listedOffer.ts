import type { PriceOffer, PriceWay } from '@/core/fill/cost/fillCosts'

/** A price with the version of its row. */
export type ListedOffer = PriceOffer & { version: number }

/** Labels for the ways gas is sold. */
export const wayLabels: Readonly<Record<PriceWay, string>> = {
  'by-volume': 'metered',
  'by-weight': 'by weight',
  exchange: 'exchange',
  bottles: 'throw-away bottle',
}
