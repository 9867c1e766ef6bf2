import { fillCosts, type PriceOffer } from './fillCosts'

/** Prices for a kg do not hang on the heater; any will do. */
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
