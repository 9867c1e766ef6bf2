import { bisect } from '@/core/math/findRoot'
import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { lagrangeCubic } from '@/core/math/interpolation'
import { fluidSchema, type Fluid, requireTemperature } from './fluidData'
import { onePhasePressurePa } from './onePhase'
import { saturation } from './saturation'
import { saturationTable } from './saturationTable'

/** Inputs of cylinderState, as sent from outside. */
export const cylinderStateSchema = z.strictObject({
  fluid: fluidSchema,
  massKg: z.number(),
  volumeM3: z.number(),
  temperatureK: z.number(),
})

const HALVINGS = 36

/**
 * Temperature at which the expanding liquid fills the whole cylinder.
 *
 * @param massKg - contents
 * @param volumeM3 - inside volume
 * @returns K; null when it never happens (too little aboard: all of it turns to vapor or passes the critical
 *   temperature first) or has happened at every temperature in range
 * @throws InputError when mass or volume is 0 or less
 */
export function liquidFullTemperatureK(fluid: Fluid, massKg: number, volumeM3: number): number | null {
  if (!(massKg > 0)) throw new InputError('massKg', 'There must be something in the cylinder.')
  if (!(volumeM3 > 0)) throw new InputError('volumeM3', 'The volume must be more than zero.')
  const density = massKg / volumeM3
  const { liquidDensity, critical, step, nodes } = saturationTable(fluid)
  const densest = liquidDensity[nodes - 1] ?? 0
  if (density <= critical.densityKgM3 || density > densest) return null

  const { high } = bisect((node) => lagrangeCubic(liquidDensity, node) >= density, 0, nodes - 1, { halvings: HALVINGS })
  return critical.temperatureK * (1 - (high * step) ** 2)
}

/**
 * Density of the liquid at the coldest temperature in range: no cylinder can hold more than this, brim-full.
 *
 * @returns kg/m³
 */
export function densestLiquidKgM3(fluid: Fluid): number {
  const { liquidDensity, nodes } = saturationTable(fluid)
  return liquidDensity[nodes - 1] ?? NaN
}

type Phase = 'two-phase' | 'liquid-full' | 'vapour-only' | 'supercritical'

export interface CylinderState {
  phase: Phase
  /** Absolute. */
  pressurePa: number
  /** Share of the inside volume that is liquid; null where there is no telling liquid from vapor. */
  liquidVolumeFraction: number | null
  /** Where the liquid, swelling, takes the whole cylinder; null when it never does. */
  liquidFullTemperatureK: number | null
}

/**
 * State of a closed cylinder at one temperature.
 *
 * @param fluid - propane or CO2
 * @param massKg - contents, greater than 0
 * @param volumeM3 - inside volume, greater than 0
 * @param temperatureK - −100 to 150 °C; CO2 from its triple point
 * @throws InputError outside the range, or when the contents would press harder than 1,000 bar
 * @see docs/models.md, "A closed cylinder"
 */
export function cylinderState(fluid: Fluid, massKg: number, volumeM3: number, temperatureK: number): CylinderState {
  requireTemperature(fluid, temperatureK)
  const fullAt = liquidFullTemperatureK(fluid, massKg, volumeM3)
  const density = massKg / volumeM3
  const { critical } = saturationTable(fluid)

  if (temperatureK >= critical.temperatureK) {
    const pressurePa = onePhasePressurePa(fluid, temperatureK, density)
    const supercritical = pressurePa >= critical.pressurePa
    return {
      phase: supercritical ? 'supercritical' : 'vapour-only',
      pressurePa,
      liquidVolumeFraction: supercritical ? null : 0,
      liquidFullTemperatureK: fullAt,
    }
  }

  const phaseBoundary = saturation(fluid, temperatureK)
  if (density > phaseBoundary.vapourDensityKgM3 && density < phaseBoundary.liquidDensityKgM3) {
    return {
      phase: 'two-phase',
      pressurePa: phaseBoundary.pressurePa,
      liquidVolumeFraction:
        (density - phaseBoundary.vapourDensityKgM3) /
        (phaseBoundary.liquidDensityKgM3 - phaseBoundary.vapourDensityKgM3),
      liquidFullTemperatureK: fullAt,
    }
  }
  const liquidFull = density >= phaseBoundary.liquidDensityKgM3
  return {
    phase: liquidFull ? 'liquid-full' : 'vapour-only',
    pressurePa: onePhasePressurePa(fluid, temperatureK, density),
    liquidVolumeFraction: liquidFull ? 1 : 0,
    liquidFullTemperatureK: fullAt,
  }
}

interface CurvePoint extends CylinderState {
  temperatureK: number
}

/** A temperature range in even steps, both ends included. */
interface TemperatureSpan {
  fromK: number
  toK: number
  points: number
  /** The curve ends with the first point above this absolute pressure; by default it goes on. */
  untilPa?: number
}

/**
 * State of a closed cylinder over a span of temperatures, coldest first.
 *
 * @throws InputError for a span that runs backwards or has fewer than two points, and as cylinderState does
 */
export function pressureCurve(fluid: Fluid, massKg: number, volumeM3: number, span: TemperatureSpan): CurvePoint[] {
  const { fromK, toK, points, untilPa = Infinity } = span
  if (!(toK > fromK)) throw new InputError('toK', 'The curve must end warmer than it begins.')
  if (!Number.isInteger(points) || points < 2) throw new InputError('points', 'A curve needs two points or more.')
  const curve: CurvePoint[] = []
  for (let i = 0; i < points && (curve.at(-1)?.pressurePa ?? 0) <= untilPa; i += 1) {
    const temperatureK = fromK + ((toK - fromK) * i) / (points - 1)
    curve.push({ temperatureK, ...cylinderState(fluid, massKg, volumeM3, temperatureK) })
  }
  return curve
}
