import type { Fluid } from '@/core/fluids/fluid'
import { InputError } from '@/core/findings/InputError'
import { cylinderState } from '@/core/fluids/cylinderState'
import { gaugePressurePa } from '@/core/fluids/gaugePressurePa'
import { fromUnit } from '@/core/units/fromUnit'
import { waterCapacityVolumeM3 } from './waterCapacityVolumeM3'

export interface HeatCurvePoint {
  temperatureK: number
  gaugePa: number
  /** Share of the inside that is liquid; null where liquid cannot be told from vapour. */
  liquidFraction: number | null
}

export interface HeatCurve {
  points: readonly HeatCurvePoint[]
  /** Where the liquid has taken the whole inside; null when it never does. */
  liquidFullK: number | null
  /** Where the relief device opens; null when not within the curve. */
  reliefAtK: number | null
}

export interface HeatCurveInput {
  gas: Fluid
  netKg: number
  waterCapacityKg: number
  altitudeM: number
  reliefGaugePa: number
}

/** A cold night on a mountain to a closed car in the desert. */
export const CURVE_FROM_K = fromUnit(-40, 'temperature', 'F')
export const CURVE_TO_K = fromUnit(170, 'temperature', 'F')
const STEPS = 105

/**
 * Pressure and level of a closed cylinder from a cold night to a hot car.
 *
 * It ends where the relief device has long opened: what would come after it does not happen.
 *
 * @param input - contents, vessel, place and setting of the relief device
 * @throws InputError when there is nothing in it, and as cylinderState does
 */
export function heatCurve({ gas, netKg, waterCapacityKg, altitudeM, reliefGaugePa }: HeatCurveInput): HeatCurve {
  const volumeM3 = waterCapacityVolumeM3(waterCapacityKg)
  const at = (temperatureK: number): HeatCurvePoint & { fullK: number | null } => {
    const state = cylinderState(gas, netKg, volumeM3, temperatureK)
    return {
      temperatureK,
      gaugePa: gaugePressurePa(state.pressurePa, altitudeM),
      liquidFraction: state.liquidVolumeFraction,
      fullK: state.liquidFullTemperatureK,
    }
  }
  const first = at(CURVE_FROM_K)
  const points: HeatCurvePoint[] = []
  let reliefAtK = first.gaugePa >= reliefGaugePa ? CURVE_FROM_K : null
  for (let i = 0; i <= STEPS; i += 1) {
    const temperatureK = CURVE_FROM_K + ((CURVE_TO_K - CURVE_FROM_K) * i) / STEPS
    let point: HeatCurvePoint
    try {
      const { fullK, ...shown } = at(temperatureK)
      point = shown
    } catch (error) {
      // Beyond 1,000 bar the equation of state ends, and so would the cylinder.
      if (error instanceof InputError) break
      throw error
    }
    const before = points.at(-1)
    if (reliefAtK === null && before && point.gaugePa >= reliefGaugePa) {
      reliefAtK = crossing(before.temperatureK, temperatureK, (kelvin) => at(kelvin).gaugePa - reliefGaugePa)
    }
    points.push(point)
    if (point.gaugePa > 1.6 * reliefGaugePa) break
  }
  return { points, liquidFullK: first.fullK, reliefAtK }
}

function crossing(fromK: number, toK: number, over: (temperatureK: number) => number): number {
  let below = fromK
  let above = toK
  for (let i = 0; i < 40; i += 1) {
    const middle = (below + above) / 2
    if (over(middle) < 0) below = middle
    else above = middle
  }
  return above
}
