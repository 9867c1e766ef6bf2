import type { PriceWay } from '@/core/fill/cost/fillCosts'

/** Prices on the board of a place. */
export interface BoardPrice {
  place: string
  way: PriceWay
  /** Money for a m³, a kg, a cylinder or a bottle. */
  price: number
  containsKg: number | null
}

const GALLON_M3 = 0.003785411784
const POUND_KG = 0.45359237
/** Day-to-day variation of prices. */
const SWING = 0.06

/** Invented places, at what gas costs about. */
const board: readonly BoardPrice[] = [
  { place: 'Quarry Road Farm Store', way: 'by-volume', price: 3.29 / GALLON_M3, containsKg: null },
  { place: 'Two Pines Camp', way: 'by-volume', price: 4.15 / GALLON_M3, containsKg: null },
  { place: 'Saddle Creek Co-op', way: 'by-weight', price: 0.95 / POUND_KG, containsKg: null },
  { place: 'Exchange cage, Larkspur', way: 'exchange', price: 23.99, containsKg: 15 * POUND_KG },
  { place: 'Outfitter, Larkspur', way: 'bottles', price: 6.99, containsKg: (16.4 / 16) * POUND_KG },
]

/**
 * A board of prices, as a service might send it.
 *
 * @param random - number from 0 to 1 at each call, for the day's swing
 */
export function simulatedPriceBoard(random: () => number): BoardPrice[] {
  return board.map((offer) => ({ ...offer, price: offer.price * (1 + (random() - 0.5) * 2 * SWING) }))
}
