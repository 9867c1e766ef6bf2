import { InputError } from '@/core/base/InputError'
import { heatingValueJPerKg, requireTemperature } from '@/core/fluids/fluidData'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { boilingTemperatureK } from './propaneSaturationTable'
import { isVaporOnly, cylinderPressurePa, unusableMassKg, cylinderAtRest } from './cylinderThermalState'
import { vesselBody } from './vessel'
import { stepCylinder } from './stepCylinders'
import type { VaporizationInput } from './vaporization'
import { heatTransferCoefficientWPerM2K } from './heatTransfer'

export interface ColdDrawInput extends Omit<VaporizationInput, 'liquidKg'> {
  massKg: number
  drawW: number
}

export interface ColdDraw {
  /** Points until the draw can no longer be sustained, or for four days. */
  series: readonly { timeS: number; gaugePa: number; temperatureK: number; massKg: number }[]
  /** Time the draw is sustained; null for four days or more. */
  endS: number | null
  cause: 'cold' | 'empty' | null
  leftKg: number
}

const STEP_S = 30
const MAX_S = 4 * 86_400
const MAX_MOMENTS = 300
const WHOLE = 0.999

/**
 * One cylinder at a constant draw, until it is too cold or empty.
 *
 * @param input - vessel, gas, draw, air, and lowest usable pressure
 * @throws InputError for a draw of 0, a negative mass, or an air temperature out of range
 * @see docs/models.md, “A cylinder as it boils”
 */
export function coldDraw(input: ColdDrawInput): ColdDraw {
  requireTemperature('propane', input.airTemperatureK, 'airTemperatureK')
  if (!(input.drawW > 0)) throw new InputError('drawW', 'A draw of nothing has no end. Enter what burns.')
  if (!(input.massKg >= 0)) throw new InputError('massKg', 'The gas aboard cannot be less than zero.')
  const atmospherePa = standardAtmospherePa(input.altitudeM)
  const needPa = atmospherePa + input.minimumGaugePa
  const environment = {
    airK: input.airTemperatureK,
    heatTransferCoefficientWPerM2K: input.wallUWPerM2K ?? heatTransferCoefficientWPerM2K(input.windMS, input.site),
    stepS: STEP_S,
    needPa,
    leastK: boilingTemperatureK(needPa),
  }
  const thermal = cylinderAtRest(vesselBody(input.vessel), input.massKg, input.airTemperatureK)
  const moment = (timeS: number): ColdDraw['series'][number] => ({
    timeS,
    gaugePa: cylinderPressurePa(thermal) - atmospherePa,
    temperatureK: thermal.temperatureK,
    massKg: thermal.massKg,
  })
  const wantKg = (input.drawW / heatingValueJPerKg()) * STEP_S
  const everyS = Math.max(STEP_S, Math.min(MAX_S, (input.massKg / wantKg) * STEP_S) / MAX_MOMENTS)
  const series = [moment(0)]
  for (let timeS = 0; timeS < MAX_S; timeS += STEP_S) {
    const givenKg = stepCylinder(thermal, wantKg, environment)
    if (givenKg < wantKg * WHOLE) {
      const endS = timeS + (STEP_S * givenKg) / wantKg
      const isEmpty = isVaporOnly(thermal) || thermal.massKg - unusableMassKg(thermal, needPa) < wantKg
      return {
        series: [...series, moment(endS)],
        endS,
        cause: isEmpty ? 'empty' : 'cold',
        leftKg: thermal.massKg,
      }
    }
    if (timeS + STEP_S - (series.at(-1)?.timeS ?? 0) >= everyS) series.push(moment(timeS + STEP_S))
  }
  return { series, endS: null, cause: null, leftKg: thermal.massKg }
}
