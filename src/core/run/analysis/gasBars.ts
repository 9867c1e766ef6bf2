import type { DisplayRole, Quantity } from '@/core/base/quantity'
import type { SupplyBalance } from './gasForTrip'

/** One piece of a bar, as a share of the longer bar. */
export interface BarPiece {
  label: string
  kind: 'cylinder' | 'appliance' | 'reserve' | 'missing'
  share: number
  quantity: Quantity
}

export interface GasBars {
  aboard: readonly BarPiece[]
  burns: readonly BarPiece[]
}

/**
 * Two bars on one scale: cylinders aboard plus shortage, and appliances plus reserve.
 *
 * @param balance - from gasForTrip
 */
export function gasBars(balance: SupplyBalance): GasBars {
  const role: DisplayRole = balance.supply === 'bottles' ? 'bottleMass' : 'cylinderMass'
  const wantedKg = balance.neededKg + balance.reserveKg
  const longestKg = Math.max(balance.aboardKg, wantedKg)
  const piece = (label: string, kind: BarPiece['kind'], value: number): BarPiece => ({
    label,
    kind,
    share: longestKg > 0 ? value / longestKg : 0,
    quantity: { value, role },
  })
  const aboard = balance.cylinders
    .filter(({ usableKg }) => usableKg !== null && usableKg > 0)
    .map(({ cylinder, usableKg }) => piece(cylinder.name, 'cylinder', usableKg ?? 0))
  const burns = balance.uses.map(({ use, gasKg }) => piece(use.name, 'appliance', gasKg))
  return {
    aboard: balance.leftKg < 0 ? [...aboard, piece('missing', 'missing', -balance.leftKg)] : aboard,
    burns: balance.reserveKg > 0 ? [...burns, piece('reserve', 'reserve', balance.reserveKg)] : burns,
  }
}
