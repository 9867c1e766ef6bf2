import { InputError } from '@/core/base/InputError'
import { requireTemperature } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'

export interface GaugeInterpretation {
  /** Temperature at which propane boils at this pressure: that of the liquid, while there is any. */
  boilingK: number
  /** What the gauge would show with liquid at the temperature given. */
  expectedGaugePa: number
  /**
   * - `liquid`: it fits liquid at this temperature: a cupful or a full cylinder
   * - `nearly-gone`: far below it: all but vapour is gone, or the cylinder is colder than the air
   * - `too-high`: above it: the cylinder is warmer than told, liquid-full, or the gauge is off
   */
  tells: 'liquid' | 'nearly-gone' | 'too-high'
}

/** A shade, a sunny side or a plain gauge makes this much difference, K. */
const LENIENCE_K = 8
const COLDEST_K = 180
const HOTTEST_K = 365

/**
 * What an in-line pressure gauge does tell of a propane cylinder: never how much is in it.
 *
 * @param gaugePa - as shown
 * @param temperatureK - of the cylinder, about the air's in the shade
 * @param altitudeM - of the place
 * @throws InputError at `gaugePa` for a pressure no propane cylinder has
 */
export function interpretPressureGauge(gaugePa: number, temperatureK: number, altitudeM: number): GaugeInterpretation {
  requireTemperature('propane', temperatureK)
  const absolutePa = gaugePa + standardAtmospherePa(altitudeM)
  if (!(
    absolutePa >= saturation('propane', COLDEST_K).pressurePa &&
    absolutePa <= saturation('propane', HOTTEST_K).pressurePa
  )) {
    throw new InputError(
      'gaugePa',
      'No propane cylinder shows that. Check the unit, or whether the gauge sits behind the regulator.',
    )
  }
  let below = COLDEST_K
  let above = HOTTEST_K
  for (let i = 0; i < 50; i += 1) {
    const middle = (below + above) / 2
    if (saturation('propane', middle).pressurePa < absolutePa) below = middle
    else above = middle
  }
  const boilingK = (below + above) / 2
  const tells =
    boilingK < temperatureK - LENIENCE_K ? 'nearly-gone' : boilingK > temperatureK + LENIENCE_K ? 'too-high' : 'liquid'
  const warmK = Math.min(temperatureK, HOTTEST_K)
  return {
    boilingK,
    expectedGaugePa: saturation('propane', warmK).pressurePa - standardAtmospherePa(altitudeM),
    tells,
  }
}
