import { InputError } from '@/core/base/InputError'

/**
 * Site of the cylinders.
 *
 * - `locker`: in a vented box or behind doors, still air
 * - `cover`: under a cover on the tongue
 * - `open`: exposed to the wind
 * - `on-heater`: a one-pound bottle screwed to a heater, warmed by it
 */
export const cylinderSites = ['locker', 'cover', 'open', 'on-heater'] as const

export type CylinderSite = (typeof cylinderSites)[number]

export const siteLabels: Readonly<Record<CylinderSite, string>> = {
  locker: 'in a vented locker, still air',
  cover: 'under a cover',
  open: 'free in the wind',
  'on-heater': 'screwed to its heater',
}

/** In still air, with radiation: the value that matches the suppliers’ table. [common practice] */
const STILL_W_M2K = 11.5
/** On a lit heater, with frost and radiation: matches the runtime of one-pound bottles at 9,000 BTU/h. [common practice] */
const ON_HEATER_W_M2K = 35
/** Per m/s of wind over a plane surface: Jürges, as in McAdams, Heat Transmission. [from memory] */
const WIND_J_M3K = 3.95
const SITE_SHARE: Readonly<Record<CylinderSite, number>> = { locker: 0, cover: 0.3, open: 1, 'on-heater': 0 }
const HARDEST_WIND_M_S = 60

/**
 * Heat transfer coefficient of the wetted wall.
 *
 * @param windMS - wind at the rig, m/s
 * @param site - decides how much wind reaches the cylinder
 * @returns W/(m²·K)
 * @throws InputError for a negative wind or beyond a hurricane
 */
export function heatTransferCoefficientWPerM2K(windMS: number, site: CylinderSite): number {
  if (!(windMS >= 0 && windMS <= HARDEST_WIND_M_S)) {
    throw new InputError('windMS', 'Wind lies between calm and 60 m/s (134 mph).')
  }
  return (site === 'on-heater' ? ON_HEATER_W_M2K : STILL_W_M2K) + WIND_J_M3K * SITE_SHARE[site] * windMS
}
