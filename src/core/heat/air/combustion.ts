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
