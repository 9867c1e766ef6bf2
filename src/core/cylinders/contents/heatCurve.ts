import { bisect } from '@/core/math/findRoot'
import type { Fluid } from '@/core/fluids/fluidData'
import { cylinderState, pressureCurve } from '@/core/fluids/cylinderState'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { fromUnit } from '@/core/units/convert'
import { waterCapacityVolumeM3 } from './waterCapacity'

export interface HeatCurvePoint {
  temperatureK: number
  gaugePa: number
  /** Share of the inside that is liquid; null where liquid cannot be told from vapor. */
  liquidFraction: number | null
}

export interface HeatCurve {
  points: readonly HeatCurvePoint[]
  /** Temperature at which it is liquid-full; null when it never is. */
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
const POINTS = 106
/** The curve ends at this multiple of the relief setting. */
const BEYOND = 1.6

/**
 * Pressure and level of a closed cylinder from −40 to 170 °F.
 *
 * The curve ends well above the relief setting, where the device has opened.
 *
 * @param input - contents, vessel, place and setting of the relief device
 * @throws InputError when there is 0 in it, and as cylinderState does
 */
export function heatCurve({ gas, netKg, waterCapacityKg, altitudeM, reliefGaugePa }: HeatCurveInput): HeatCurve {
  const volumeM3 = waterCapacityVolumeM3(waterCapacityKg)
  const airPa = standardAtmospherePa(altitudeM)
  const reliefPa = reliefGaugePa + airPa
  const untilPa = BEYOND * reliefGaugePa + airPa
  const span = { fromK: CURVE_FROM_K, toK: CURVE_TO_K, points: POINTS, untilPa }
  const states = pressureCurve(gas, netKg, volumeM3, span)
  const opened = states.findIndex(({ pressurePa }) => pressurePa >= reliefPa)
  const [before, after] = [states[opened - 1], states[opened]]
  return {
    points: states.map(({ temperatureK, pressurePa, liquidVolumeFraction }) => ({
      temperatureK,
      gaugePa: pressurePa - airPa,
      liquidFraction: liquidVolumeFraction,
    })),
    liquidFullK: states[0]?.liquidFullTemperatureK ?? null,
    reliefAtK:
      before && after
        ? bisect(
            (atK) => cylinderState(gas, netKg, volumeM3, atK).pressurePa >= reliefPa,
            before.temperatureK,
            after.temperatureK,
            { halvings: 40 },
          ).high
        : (after?.temperatureK ?? null),
  }
}
