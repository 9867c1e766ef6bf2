import { fromUnit } from './fromUnit'

/** 60 °F, at which the trade states liquid volumes and water capacities. */
export const SIXTY_F_K = fromUnit(60, 'temperature', 'F')

/** A parked car in the sun as the trade reckons it, 130 °F: common practice. */
export const HOT_CAR_K = fromUnit(130, 'temperature', 'F')
