import { fromUnit } from '@/core/units/fromUnit'
import { standardAtmospherePa } from '@/core/fluids/standardAtmospherePa'
import type { Heater } from './heater'

const FOOT_M = fromUnit(1, 'length', 'ft')
/** Common practice for heaters with an oxygen cut-off. */
const CUT_OFF_LIMIT_M = 7000 * FOOT_M
/** NFPA 54: derated from here on. [from memory] */
export const DERATED_FROM_M = 2000 * FOOT_M
const SHARE_PER_M = 0.04 / (1000 * FOOT_M)

export interface HeaterAltitude {
  /** Highest place it may be used; null when nobody knows. */
  limitM: number | null
  from: 'manual' | 'common' | null
  isAbove: boolean
  /** Share of its input by the rule for orifices. */
  deratedShare: number
  pressurePa: number
}

/**
 * A heater at a place's altitude.
 *
 * @param heater - with its limit
 * @param altitudeM - of the place
 */
export function altitudeOfHeater(
  { highestM, oxygenCutOff, vented }: Pick<Heater, 'highestM' | 'oxygenCutOff' | 'vented'>,
  altitudeM: number,
): HeaterAltitude {
  // One of which nobody knows whether it has a cut-off is taken to have one.
  const common = !vented && oxygenCutOff !== 'no' ? CUT_OFF_LIMIT_M : null
  const limitM = highestM ?? common
  return {
    limitM,
    from: highestM !== null ? 'manual' : common !== null ? 'common' : null,
    isAbove: limitM !== null && altitudeM > limitM,
    deratedShare: altitudeM > DERATED_FROM_M ? Math.max(0, 1 - SHARE_PER_M * altitudeM) : 1,
    pressurePa: standardAtmospherePa(altitudeM),
  }
}
