import type { Figure, FigureInput } from '@/core/rules/figure'
import type { OfferCost } from './fillCosts'

export interface CostFigures {
  perMass: Figure | null
  perEnergy: Figure | null
  perHour: Figure | null
  handedOver: Figure | null
}

/**
 * An offer's costs as figures that can be opened.
 *
 * @param cost - from fillCosts
 * @param residualKg - left in the owner's cylinder
 * @param heaterW - heat input of the heater
 */
export function costFigures(cost: OfferCost, residualKg: number, heaterW: number): CostFigures {
  const { offer, perKg, perJ, perS, handedOver } = cost
  const paid: FigureInput = {
    label: 'Price',
    quantity:
      offer.way === 'by-volume'
        ? { value: offer.price, role: 'pricePerVolume' }
        : offer.way === 'by-weight'
          ? { value: offer.price, role: 'pricePerMass' }
          : { value: offer.price, role: 'money' },
  }
  const contains: FigureInput[] =
    offer.containsKg === null
      ? []
      : [{ label: 'Contains', quantity: { value: offer.containsKg, role: 'cylinderMass' } }]
  const left: FigureInput = { label: 'Left in yours', quantity: { value: residualKg, role: 'cylinderMass' } }
  const exchanged = offer.way === 'exchange' ? [left] : []
  return {
    perMass:
      perKg === null
        ? null
        : {
            basis: 'price-per-mass',
            quantity: { value: perKg, role: 'pricePerMass' },
            inputs: [paid, ...contains, ...exchanged],
          },
    perEnergy:
      perJ === null
        ? null
        : { basis: 'price-per-energy', quantity: { value: perJ, role: 'pricePerEnergy' }, inputs: [paid] },
    perHour:
      perS === null
        ? null
        : {
            basis: 'price-per-hour',
            quantity: { value: perS, role: 'pricePerHour' },
            inputs: [{ label: 'Heat input', quantity: { value: heaterW, role: 'power' } }],
          },
    handedOver:
      handedOver > 0
        ? { basis: 'residue-value', quantity: { value: handedOver, role: 'money' }, inputs: [paid, left] }
        : null,
  }
}
