import { InputError } from '@/core/base/InputError'
import { cylinderState, type CylinderState } from './cylinderState'
import type { Fluid } from './fluid'

export interface CurvePoint extends CylinderState {
  temperatureK: number
}

/** A stretch of temperatures, walked in even steps, both ends taken. */
export interface TemperatureSpan {
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
