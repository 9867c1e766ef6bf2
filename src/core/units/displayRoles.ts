import type { Dimension, DisplayRole } from '@/core/base/quantity'
import { fromUnit } from './convert'

/** Unit systems. */
export type UnitSystem = 'us' | 'metric'

export const unitSystems = ['us', 'metric'] as const satisfies readonly UnitSystem[]

/** Unit and decimals of a role in one unit system. */
export interface DisplayUnit {
  unit: string
  decimals: number
  /** Most digits that mean something. */
  digits?: number
  /** Shown in feet and inches to the quarter of an inch. */
  feetAndInches?: boolean
}

/** A role that is measured in units of a dimension. */
export interface MeasuredRole {
  dimension: Dimension
  us: DisplayUnit
  metric: DisplayUnit
}

/** A number with a fixed suffix. */
export interface PlainUnit {
  scale: number
  /** Sign before the number, as of money. */
  prefix?: string
  suffix: string
  decimals: number
  digits?: number
}

/** A role that is displayed but never typed with a unit. */
export interface PlainRole {
  dimension: null
  us: PlainUnit
  metric: PlainUnit
}

function plain(scale: number, suffix: string, decimals: number): PlainRole {
  const unit = { scale, suffix, decimals }
  return { dimension: null, us: unit, metric: unit }
}

/** A number with its own suffix in each unit system. */
function family(
  usScale: number,
  usSuffix: string,
  usDecimals: number,
  metricScale: number,
  metricSuffix: string,
  metricDecimals: number,
): PlainRole {
  return {
    dimension: null,
    us: { scale: usScale, suffix: usSuffix, decimals: usDecimals },
    metric: { scale: metricScale, suffix: metricSuffix, decimals: metricDecimals },
  }
}

// Chosen so that gas × heating value ÷ heat input gives hours, in both unit systems.
const heatingValue: PlainRole = {
  dimension: null,
  us: { scale: 0.45359237 / 1055.05585262, suffix: 'BTU/lb', decimals: -1 },
  metric: { scale: 1 / 3.6e6, suffix: 'kWh/kg', decimals: 2 },
}

/** Price per amount, in the owner's currency, shown with a dollar sign. */
function money(usScale: number, usSuffix: string, metricScale: number, metricSuffix: string): PlainRole {
  return {
    dimension: null,
    us: { scale: usScale, prefix: '$', suffix: usSuffix, decimals: 2 },
    metric: { scale: metricScale, prefix: '$', suffix: metricSuffix, decimals: 2 },
  }
}

function measured(
  dimension: Dimension,
  usUnit: string,
  usDecimals: number,
  metricUnit: string,
  metricDecimals: number,
): MeasuredRole {
  return {
    dimension,
    us: { unit: usUnit, decimals: usDecimals },
    metric: { unit: metricUnit, decimals: metricDecimals },
  }
}

/** Heat, which is known to three digits at most. */
function heat(role: MeasuredRole): MeasuredRole {
  return { ...role, us: { ...role.us, digits: 3 }, metric: { ...role.metric, digits: 3 } }
}

/** A length, in feet and inches or in whole centimeters. */
function feetAndInches(usUnit: string, metricUnit: string, metricDecimals: number): MeasuredRole {
  const { us, ...role } = measured('length', usUnit, 1, metricUnit, metricDecimals)
  return { ...role, us: { ...us, feetAndInches: true } }
}

export const displayRoles: Readonly<Record<DisplayRole, MeasuredRole | PlainRole>> = {
  cylinderMass: measured('mass', 'lb', 1, 'kg', 2),
  bottleMass: measured('mass', 'oz', 1, 'g', 0),
  cylinderPressure: measured('gaugePressure', 'psi', 0, 'bar', 1),
  absolutePressure: measured('pressure', 'psi', 1, 'kPa', 0),
  linePressure: measured('gaugePressure', 'inWC', 1, 'mbar', 1),
  liquidVolume: measured('volume', 'gal', 1, 'L', 1),
  temperature: measured('temperature', 'F', 0, 'C', 0),
  power: heat(measured('power', 'btuh', 0, 'kW', 2)),
  energy: heat(measured('energy', 'btu', 0, 'kWh', 1)),
  altitude: measured('length', 'ft', 0, 'm', 0),
  length: feetAndInches('in', 'cm', 0),
  run: feetAndInches('ft', 'm', 1),
  bore: measured('length', 'in', 3, 'mm', 1),
  column: measured('length', 'in', 1, 'cm', 1),
  glass: measured('volume', 'floz', 1, 'mL', 0),
  lineVolume: measured('volume', 'in3', 0, 'mL', 0),
  space: measured('volume', 'ft3', 0, 'm3', 1),
  area: measured('area', 'in2', 0, 'cm2', 0),
  duration: measured('duration', 'h', 1, 'h', 1),
  minutes: measured('duration', 'min', 0, 'min', 0),
  days: plain(1 / 86400, 'days', 0),
  share: plain(100, '%', 0),
  gasFlow: family(3600 / 0.028316846592, 'ft³/h', 3, 3.6e6, 'L/h', 2),
  massFlow: plain(3.6e6, 'g/h', 2),
  airFlow: family(60 / 0.028316846592, 'ft³/min', 0, 1000, 'L/s', 1),
  windSpeed: family(3600 / 1609.344, 'mph', 0, 1, 'm/s', 0),
  heatLoss: family(3600 / 1055.05585262 / 1.8, 'BTU/h per °F', 0, 1, 'W/K', 0),
  heatCapacity: family(1 / 1055.05585262 / 1.8, 'BTU per °F', 0, 0.001, 'kJ/K', 0),
  temperatureStep: family(1.8, '°F', 1, 1, 'K', 1),
  // Air is not known to ten parts per million.
  concentration: plain(1, 'ppm', -1),
  oxygen: plain(100, '%', 1),
  charge: plain(1 / 3600, 'Ah', 0),
  current: plain(1, 'A', 1),
  gasVolumes: plain(1, 'volumes', 1),
  heatingValue,
  count: plain(1, '', 0),
  money: money(1, '', 1, ''),
  pricePerVolume: money(0.003785411784, 'per gal', 0.001, 'per L'),
  pricePerMass: money(0.45359237, 'per lb', 1, 'per kg'),
  pricePerEnergy: money(3.6e6, 'per kWh', 3.6e6, 'per kWh'),
  pricePerHour: money(3600, 'per hour', 3600, 'per hour'),
  pricePerWeek: money(604_800, 'per week', 604_800, 'per week'),
}

/**
 * SI value of a number as a role shows it.
 *
 * @param shown - in the unit of the role
 * @example fromShown(5, 'liquidVolume', 'us') // 0.0189… m³
 */
export function fromShown(shown: number, role: DisplayRole, system: UnitSystem): number {
  const of = displayRoles[role]
  return of.dimension === null ? shown / of[system].scale : fromUnit(shown, of.dimension, of[system].unit)
}
