import { InputError } from '@/core/base/InputError'

/**
 * Where the cylinders stand.
 *
 * - `locker`: in a vented box or behind doors, the air still
 * - `cover`: under a cover on the tongue
 * - `open`: free in the wind
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

/** In still air, radiation counted: the value that meets the suppliers’ table. [common practice] */
const STILL_W_M2K = 11.5
/** Beside a lit heater, frost and radiation counted: with it a pound lasts at 9,000 BTU/h as it does in use. [common practice] */
const ON_HEATER_W_M2K = 35
/** For each m/s of wind over a plain surface: Jürges, as in McAdams, Heat Transmission. [from memory] */
const WIND_J_M3K = 3.95
const SITE_SHARE: Readonly<Record<CylinderSite, number>> = { locker: 0, cover: 0.3, open: 1, 'on-heater': 0 }
const HARDEST_WIND_M_S = 60

/**
 * Heat that passes the wetted wall for each square meter and kelvin.
 *
 * @param windMS - wind where the rig stands, m/s
 * @param site - how much of it reaches the cylinder
 * @returns W/(m²·K)
 * @throws InputError for a negative wind or beyond a hurricane
 */
export function heatTransferCoefficientWPerM2K(windMS: number, site: CylinderSite): number {
  if (!(windMS >= 0 && windMS <= HARDEST_WIND_M_S)) {
    throw new InputError('windMS', 'Wind lies between calm and 60 m/s (134 mph).')
  }
  return (site === 'on-heater' ? ON_HEATER_W_M2K : STILL_W_M2K) + WIND_J_M3K * SITE_SHARE[site] * windMS
}
