import { heatingValueJPerKg } from '@/core/fluids/fluidData'

/** Molar masses, kg/mol. IUPAC 2021. */
export const MOLAR_KG = { propane: 0.0440956, oxygen: 0.0319988, co2: 0.0440095, water: 0.0180153 } as const

/** What a kilogram of propane takes and gives: C₃H₈ + 5 O₂ → 3 CO₂ + 4 H₂O. */
export const perKgPropane = {
  oxygenKg: (5 * MOLAR_KG.oxygen) / MOLAR_KG.propane,
  co2Kg: (3 * MOLAR_KG.co2) / MOLAR_KG.propane,
  waterKg: (4 * MOLAR_KG.water) / MOLAR_KG.propane,
} as const

/** Heat to make a kilogram of water vapor at room temperature, J/kg. */
const WATER_LATENT_J_KG = 2.44e6

/** Share of the heating value that warms the air; the rest leaves as the vapor of its water. */
export const SENSIBLE_SHARE = 1 - (perKgPropane.waterKg * WATER_LATENT_J_KG) / heatingValueJPerKg()

/** Gas, air and fumes of a flame that burns wholly, per second. */
export interface Combustion {
  propaneKgS: number
  oxygenMolS: number
  co2MolS: number
  waterMolS: number
}

/** Oxygen (mole fraction) at which flames begin to fail, and at which they are out. [from memory] */
const FLAME_FAILS_SHARE = 0.16
const FLAME_OUT_SHARE = 0.14

/** Below this nothing can take oxygen at its full rate any more: what burns or breathes takes what is left. */
const SCARCE_SHARE = 0.02

/** Share of its rate at which anything can take oxygen from air; 1 but in air that has next to none. */
export function scarcity(oxygenShare: number): number {
  return Math.min(1, Math.max(0, oxygenShare / SCARCE_SHARE))
}

/**
 * Share of its input that a burner still burns in air with little oxygen.
 *
 * @param oxygenShare - mole fraction
 * @param isCatalytic - a pad is never assumed to go out: it burns on as long as there is oxygen
 */
export function burningShare(oxygenShare: number, isCatalytic: boolean): number {
  if (isCatalytic) return scarcity(oxygenShare)
  return Math.min(1, Math.max(0, (oxygenShare - FLAME_OUT_SHARE) / (FLAME_FAILS_SHARE - FLAME_OUT_SHARE)))
}

/**
 * What a heater burns and gives off.
 *
 * @param inputW - gross, as on its plate
 */
export function combustion(inputW: number): Combustion {
  const propaneKgS = inputW / heatingValueJPerKg()
  const molS = propaneKgS / MOLAR_KG.propane
  return { propaneKgS, oxygenMolS: 5 * molS, co2MolS: 3 * molS, waterMolS: 4 * molS }
}
