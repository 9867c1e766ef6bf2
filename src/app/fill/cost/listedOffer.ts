import type { PriceOffer, PriceWay } from '@/core/fill/cost/fillCosts'

/** A price with the version of its row. */
export type ListedOffer = PriceOffer & { version: number }

/** How gas is sold, in a word or two. */
export const wayLabels: Readonly<Record<PriceWay, string>> = {
  'by-volume': 'metered',
  'by-weight': 'by weight',
  exchange: 'exchange',
  bottles: 'throw-away bottle',
}
