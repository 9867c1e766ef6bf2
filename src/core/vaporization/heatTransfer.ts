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

/** Radiation between a cylinder and its surroundings at about 0 °C, emissivity 0.95: 4 ε σ T³ and a little sky. */
const RADIATION_W_M2K = 4.6
/** Natural convection: with radiation it matches the suppliers’ table of a 100 lb cylinder. [common practice] */
const NATURAL_W_M2K = 6.9
/** On a lit heater, with frost and radiation: matches the runtime of one-pound bottles at 9,000 BTU/h. [common practice] */
const ON_HEATER_W_M2K = 35
/** Air at 0 °C: kinematic viscosity (m²/s), conductivity (W/(m K)), Prandtl number. [from memory] */
const AIR = { viscosityM2S: 1.33e-5, conductivityWPerMK: 0.0243, prandtl: 0.71 }
/** Of a 20 lb cylinder; a thinner one takes up more heat, a wider one a little less. */
const DIAMETER_M = 0.3
const SITE_SHARE: Readonly<Record<CylinderSite, number>> = { locker: 0, cover: 0.3, open: 1, 'on-heater': 0 }
const HARDEST_WIND_M_S = 60

/**
 * Forced convection from a cylinder across the wind, by Churchill and Bernstein.
 *
 * @param windMS - 0 to 60; the correlation holds for Re·Pr over 0.2 and up to Re of 10⁷
 * @returns W/(m²·K)
 * @see Churchill, Bernstein, J. Heat Transfer 99 (1977) 300 [from memory]
 */
function forcedConvectionWPerM2K(windMS: number): number {
  const { viscosityM2S, conductivityWPerMK, prandtl } = AIR
  const reynolds = (windMS * DIAMETER_M) / viscosityM2S
  const laminar = (0.62 * Math.sqrt(reynolds) * Math.cbrt(prandtl)) / (1 + (0.4 / prandtl) ** (2 / 3)) ** 0.25
  const nusselt = 0.3 + laminar * (1 + (reynolds / 282_000) ** (5 / 8)) ** 0.8
  return (nusselt * conductivityWPerMK) / DIAMETER_M
}

/**
 * Heat transfer coefficient of the wetted wall: radiation, and natural and forced convection, which add by their cubes.
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
  if (site === 'on-heater') return ON_HEATER_W_M2K
  const reachingMS = SITE_SHARE[site] * windMS
  const forced = reachingMS === 0 ? 0 : forcedConvectionWPerM2K(reachingMS)
  return RADIATION_W_M2K + Math.cbrt(NATURAL_W_M2K ** 3 + forced ** 3)
}
