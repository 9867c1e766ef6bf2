import { InputError } from '@/core/base/InputError'
import { propertyData } from '@/core/fluids/fluidData'
import { saturation } from '@/core/fluids/saturation'

/** A cylinder that loses gas faster than heat can flow in. */
export interface FastDrawn {
  volumeM3: number
  massKg: number
  wallKg: number
  temperatureK: number
  drawnKg: number
}

export interface FastDraw {
  endK: number
  /** Absolute. */
  endPa: number
  /** Most that can be drawn at once before liquid freezes to dry ice. */
  mostKg: number
  freezes: boolean
}

/** Triple point: below it there is snow, not liquid. 75 psia. */
export const TRIPLE_POINT = { temperatureK: 216.592, pressurePa: 517_950 }
/** Aluminum; steel takes up half as much and weighs twice. [common practice] */
const WALL_J_KG_K = 900
/** Enthalpy of saturated liquid CO2, J/kg over K. [from memory: tables of R744] */
const LIQUID: readonly (readonly [temperatureK: number, enthalpyJKg: number])[] = [
  [216.592, 80_000],
  [223.15, 92_900],
  [233.15, 112_900],
  [243.15, 133_800],
  [253.15, 154_500],
  [263.15, 176_500],
  [273.15, 200_000],
  [283.15, 225_700],
  [293.15, 255_800],
  [298.15, 274_800],
  [303.15, 304_600],
]
const STEP_KG = 1 / 400

/** Heat capacity of the liquid: slope of its enthalpy. */
function liquidJKgK(temperatureK: number): number {
  const after = LIQUID.findIndex(([atK]) => atK >= temperatureK)
  const upper = LIQUID[after <= 0 ? (after === 0 ? 1 : LIQUID.length - 1) : after]
  const lower = LIQUID[after <= 0 ? (after === 0 ? 0 : LIQUID.length - 2) : after - 1]
  return upper && lower ? (upper[1] - lower[1]) / (upper[0] - lower[0]) : 2500
}

/**
 * Temperature of a CO2 cylinder after a draw too fast for heat to flow in.
 *
 * @param cylinder - its inside, contents, wall, and what is drawn
 * @returns where it ends, and the most that may be drawn at once above the point where it freezes
 * @throws InputError for more than is in it, or a cylinder without liquid
 * @see docs/models.md, “Fast draw of CO2”
 */
export function fastDraw({ volumeM3, massKg, wallKg, temperatureK, drawnKg }: FastDrawn): FastDraw {
  if (!(massKg > 0)) throw new InputError('massKg', 'There is no gas in it.')
  if (!(drawnKg >= 0 && drawnKg <= massKg)) throw new InputError('drawnKg', 'No more can be drawn than is in it.')
  if (temperatureK >= propertyData.co2.saturation.criticalK) {
    throw new InputError(
      'temperatureK',
      'Above 88 °F (31 °C) it holds no liquid: the gas simply gets thinner. Let it cool first.',
    )
  }
  const phaseBoundary = saturation('co2', temperatureK)
  if (massKg <= phaseBoundary.vapourDensityKgM3 * volumeM3) {
    throw new InputError('massKg', 'It holds no liquid any more: what is left is gas alone.')
  }
  let [atK, leftKg, goneKg, mostKg] = [temperatureK, massKg, 0, 0]
  const stepKg = massKg * STEP_KG
  let end: { endK: number; endPa: number } | null = null
  while (atK > TRIPLE_POINT.temperatureK + 0.01 && leftKg > stepKg) {
    const here = saturation('co2', atK)
    if (end === null && goneKg >= drawnKg) end = { endK: atK, endPa: here.pressurePa }
    if (leftKg <= here.vapourDensityKgM3 * volumeM3) break
    const liquidKg = leftKg - here.vapourDensityKgM3 * volumeM3
    const heat = liquidKg * liquidJKgK(atK) + wallKg * WALL_J_KG_K
    atK = Math.max(TRIPLE_POINT.temperatureK, atK - (stepKg * here.latentHeatJPerKg) / heat)
    leftKg -= stepKg
    goneKg += stepKg
    mostKg = goneKg
  }
  const freezes = end === null && atK <= TRIPLE_POINT.temperatureK + 0.01
  const last = end ?? { endK: atK, endPa: freezes ? TRIPLE_POINT.pressurePa : saturation('co2', atK).pressurePa }
  return { ...last, mostKg: Math.min(massKg, mostKg), freezes }
}
