import { bisect } from '@/core/math/findRoot'
import { InputError } from '@/core/base/InputError'
import { requireTemperature } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'

export interface GaugeInterpretation {
  /** Saturation temperature at this pressure, which is that of the liquid while there is any. */
  boilingK: number
  /** What the gauge would show with liquid at the temperature given. */
  expectedGaugePa: number
  /**
   * - `liquid`: matches liquid at this temperature, a cupful or a full cylinder
   * - `nearly-gone`: far below it: only vapor is left, or the cylinder is colder than the air
   * - `too-high`: above it: the cylinder is warmer than entered, liquid-full, or the gauge is wrong
   */
  tells: 'liquid' | 'nearly-gone' | 'too-high'
}

/** A shade, a sunny side or a plain gauge makes this much difference, K. */
const LENIENCE_K = 8
const COLDEST_K = 180
const HOTTEST_K = 365

/**
 * Interprets an in-line pressure gauge: it never shows how much propane is left.
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
  const boils = (atK: number): boolean => saturation('propane', atK).pressurePa >= absolutePa
  const boilingK = bisect(boils, COLDEST_K, HOTTEST_K, { halvings: 50 }).middle
  const tells =
    boilingK < temperatureK - LENIENCE_K ? 'nearly-gone' : boilingK > temperatureK + LENIENCE_K ? 'too-high' : 'liquid'
  const warmK = Math.min(temperatureK, HOTTEST_K)
  return {
    boilingK,
    expectedGaugePa: saturation('propane', warmK).pressurePa - standardAtmospherePa(altitudeM),
    tells,
  }
}
