import type { VesselBody } from './vesselBody'

/** A cylinder at one moment, with what went in and out of it so far. */
export interface Boiling {
  body: VesselBody
  massKg: number
  temperatureK: number
  /** Heat that came through the wall. */
  heatInJ: number
  /** Energy that left with the gas, in the measure of its inner energy. */
  gasOutJ: number
  drawnKg: number
}

/** What steel takes up. [common practice] */
export const WALL_J_KG_K = 480
