import type { Boiling } from './boiling'
import type { VesselBody } from './vesselBody'

/**
 * A cylinder at rest, as warm as the air.
 *
 * @param body - of the vessel
 * @param massKg - in it
 * @param temperatureK - of the air
 */
export function startBoiling(body: VesselBody, massKg: number, temperatureK: number): Boiling {
  return { body, massKg, temperatureK, heatInJ: 0, gasOutJ: 0, drawnKg: 0 }
}
