import type { Dimension, DisplayRole } from '@/core/findings/quantity'

/** The two families of units an owner can read in. */
export type UnitSystem = 'us' | 'metric'

export const unitSystems = ['us', 'metric'] as const satisfies readonly UnitSystem[]

/** How one role is shown in one family: a unit of the dimension and the decimals that mean something. */
export interface DisplayUnit {
  unit: string
  decimals: number
}

/** A role that is measured in units of a dimension. */
export interface MeasuredRole {
  dimension: Dimension
  us: DisplayUnit
  metric: DisplayUnit
}

/** A role whose number is shown with a fixed suffix in both families. */
export interface PlainRole {
  dimension: null
  scale: number
  suffix: string
  decimals: number
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

export const displayRoles: Readonly<Record<DisplayRole, MeasuredRole | PlainRole>> = {
  cylinderMass: measured('mass', 'lb', 1, 'kg', 2),
  bottleMass: measured('mass', 'oz', 1, 'g', 0),
  cylinderPressure: measured('gaugePressure', 'psi', 0, 'bar', 1),
  absolutePressure: measured('pressure', 'psi', 1, 'kPa', 0),
  linePressure: measured('gaugePressure', 'inWC', 1, 'mbar', 1),
  liquidVolume: measured('volume', 'gal', 1, 'L', 1),
  temperature: measured('temperature', 'F', 0, 'C', 0),
  power: measured('power', 'btuh', 0, 'kW', 2),
  energy: measured('energy', 'btu', 0, 'kWh', 1),
  altitude: measured('length', 'ft', 0, 'm', 0),
  length: measured('length', 'in', 1, 'cm', 0),
  area: measured('area', 'in2', 0, 'cm2', 0),
  duration: measured('duration', 'h', 1, 'h', 1),
  days: { dimension: null, scale: 1 / 86400, suffix: ' days', decimals: 1 },
  share: { dimension: null, scale: 100, suffix: ' %', decimals: 0 },
  density: { dimension: null, scale: 1, suffix: ' kg/m³', decimals: 0 },
  heatingValue: { dimension: null, scale: 1e-6, suffix: ' MJ/kg', decimals: 2 },
  count: { dimension: null, scale: 1, suffix: '', decimals: 0 },
}
