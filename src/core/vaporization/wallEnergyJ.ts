import { WALL_J_KG_K } from './boiling'
import { BOIL_FROM_K } from './boilTable'
import type { VesselBody } from './vesselBody'

/** Energy of the wall, from the table’s first temperature. */
export function wallEnergyJ({ wallKg }: VesselBody, temperatureK: number): number {
  return wallKg * WALL_J_KG_K * (temperatureK - BOIL_FROM_K)
}
