import { boilAt } from './boilAt'
import { BOIL } from './boilTable'
import type { VesselBody } from './vesselBody'

/** Mass that fills a vessel as vapour alone, boiling pressure just reached. */
export function allVapourKg({ volumeM3 }: VesselBody, temperatureK: number): number {
  return volumeM3 * boilAt(BOIL.vapourKgM3, temperatureK)
}
