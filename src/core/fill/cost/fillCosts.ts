import { InputError } from '@/core/base/InputError'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import { SIXTY_F_K } from '@/core/units/convert'

/**
 * How gas is sold.
 *
 * - `by-volume`: metered, a price for the volume at 60 °F
 * - `by-weight`: on a scale, a price for the weight
 * - `exchange`: a price for a cylinder, what is left in yours is handed over
 * - `bottles`: a price for a one-pound bottle that is thrown away
 */
export const priceWays = ['by-volume', 'by-weight', 'exchange', 'bottles'] as const

export type PriceWay = (typeof priceWays)[number]

export interface PriceOffer {
  id: string
  place: string
  way: PriceWay
  /** Price per m³, kg, cylinder or bottle, by the way of selling. */
  price: number
  /** Gas in an exchanged cylinder or a bottle, kg; not used by the others. */
  containsKg: number | null
}

export interface OfferCost {
  offer: PriceOffer
  /** Price per kg gained; null when nothing is gained. */
  perKg: number | null
  perJ: number | null
  /** Money for each second of heating. */
  perS: number | null
  /** Worth of what is handed over, at the offer's own price for what the cylinder contains. */
  handedOver: number
}

interface CostCase {
  /** Left in the owner's cylinder. */
  residualKg: number
  heaterW: number
}

function gained(
  { way, price, containsKg }: PriceOffer,
  residualKg: number,
): { money: number; kg: number; lostKg: number } {
  switch (way) {
    case 'by-volume':
      return { money: price, kg: saturation('propane', SIXTY_F_K).liquidDensityKgM3, lostKg: 0 }
    case 'by-weight':
      return { money: price, kg: 1, lostKg: 0 }
    case 'bottles':
      return { money: price, kg: containsKg ?? 0, lostKg: 0 }
    case 'exchange':
      return { money: price, kg: (containsKg ?? 0) - residualKg, lostKg: residualKg }
  }
}

/**
 * What each offer costs for a kilogram, for heat and for an hour of the owner's heater; the cheapest first.
 *
 * @param offers - the owner's prices
 * @param situation - what is left in the cylinder, and the heater
 * @throws InputError at `offers.N.price` or `offers.N.containsKg` for what is 0 or less
 */
export function fillCosts(offers: readonly PriceOffer[], { residualKg, heaterW }: CostCase): OfferCost[] {
  if (!(residualKg >= 0)) throw new InputError('residualKg', 'What is left in the cylinder cannot be less than zero.')
  if (!(heaterW > 0)) throw new InputError('heaterW', 'Enter the heat input of a heater.')
  offers.forEach(({ price, way, containsKg }, i) => {
    if (!(price > 0)) throw new InputError(`offers.${i}.price`, 'A price is more than zero.')
    if ((way === 'exchange' || way === 'bottles') && !((containsKg ?? 0) > 0)) {
      throw new InputError(
        `offers.${i}.containsKg`,
        'Enter how much gas it contains: an exchanged cylinder often only 15 lb.',
      )
    }
  })
  return offers
    .map((offer): OfferCost => {
      const { money, kg, lostKg } = gained(offer, residualKg)
      const perKg = kg > 0 ? money / kg : null
      const perJ = perKg === null ? null : perKg / heatingValueJPerKg()
      const handedOver = offer.containsKg ? (lostKg * offer.price) / offer.containsKg : 0
      return { offer, perKg, perJ, perS: perJ === null ? null : perJ * heaterW, handedOver }
    })
    .toSorted((a, b) => (a.perKg ?? Infinity) - (b.perKg ?? Infinity))
}

/** The price per kg does not depend on the heater; any input works. */
const ANY_HEATER_W = 1000

/**
 * Lowest price for a kg of gas, into an empty cylinder.
 *
 * @param offers - the owner's prices
 * @returns null without one
 * @throws InputError as fillCosts does
 */
export function cheapestPerKg(offers: readonly PriceOffer[]): number | null {
  return fillCosts(offers, { residualKg: 0, heaterW: ANY_HEATER_W })[0]?.perKg ?? null
}
