import { InputError } from '@/core/base/InputError'
import { heatingValueJPerKg, requireTemperature } from '@/core/fluids/fluidData'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { boilingTemperatureK } from './propaneSaturationTable'
import { isVapourOnly, pressureOf, residueKg, startBoiling } from './cylinderThermalState'
import { vesselBody } from './vessel'
import { drawGas } from './drawGas'
import type { VaporisationInput } from './vaporization'
import { wallUWPerM2K } from './heatTransfer'

export interface ColdDrawInput extends Omit<VaporisationInput, 'liquidKg'> {
  massKg: number
  drawW: number
}

export interface ColdDraw {
  /** Moments until the draw can no longer be kept up, or for four days. */
  series: readonly { timeS: number; gaugePa: number; temperatureK: number; massKg: number }[]
  /** How long the whole draw is kept up; null when it is for four days and on. */
  endS: number | null
  cause: 'cold' | 'empty' | null
  leftKg: number
}

const STEP_S = 30
const LONGEST_S = 4 * 86_400
const MOST_MOMENTS = 300
const WHOLE = 0.999

/**
 * One cylinder at a steady draw, as it chills, until it can no longer give it.
 *
 * @param input - vessel, gas, draw, air and the least pressure of use
 * @throws InputError for a draw of nothing, a mass below nothing, or an air temperature out of range
 * @see docs/models.md, “A cylinder as it boils”
 */
export function coldDraw(input: ColdDrawInput): ColdDraw {
  requireTemperature('propane', input.airTemperatureK, 'airTemperatureK')
  if (!(input.drawW > 0)) throw new InputError('drawW', 'A draw of nothing has no end. Enter what burns.')
  if (!(input.massKg >= 0)) throw new InputError('massKg', 'The gas aboard cannot be less than nothing.')
  const atmospherePa = standardAtmospherePa(input.altitudeM)
  const needPa = atmospherePa + input.minimumGaugePa
  const around = {
    airK: input.airTemperatureK,
    wallUWPerM2K: input.wallUWPerM2K ?? wallUWPerM2K(input.windMS, input.site),
    stepS: STEP_S,
    needPa,
    leastK: boilingTemperatureK(needPa),
  }
  const boiling = startBoiling(vesselBody(input.vessel), input.massKg, input.airTemperatureK)
  const moment = (timeS: number): ColdDraw['series'][number] => ({
    timeS,
    gaugePa: pressureOf(boiling) - atmospherePa,
    temperatureK: boiling.temperatureK,
    massKg: boiling.massKg,
  })
  const wantKg = (input.drawW / heatingValueJPerKg()) * STEP_S
  const everyS = Math.max(STEP_S, Math.min(LONGEST_S, (input.massKg / wantKg) * STEP_S) / MOST_MOMENTS)
  const series = [moment(0)]
  for (let timeS = 0; timeS < LONGEST_S; timeS += STEP_S) {
    const givenKg = drawGas([boiling], wantKg, around)
    if (givenKg < wantKg * WHOLE) {
      const endS = timeS + (STEP_S * givenKg) / wantKg
      const isEmpty = isVapourOnly(boiling) || boiling.massKg - residueKg(boiling, needPa) < wantKg
      return {
        series: [...series, moment(endS)],
        endS,
        cause: isEmpty ? 'empty' : 'cold',
        leftKg: boiling.massKg,
      }
    }
    if (timeS + STEP_S - (series.at(-1)?.timeS ?? 0) >= everyS) series.push(moment(timeS + STEP_S))
  }
  return { series, endS: null, cause: null, leftKg: boiling.massKg }
}
