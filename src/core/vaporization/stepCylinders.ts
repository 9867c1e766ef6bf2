import { findRoot, type RootSearch } from '@/core/math/findRoot'
import { interpolateSaturation, SATURATION_COLUMN } from './propaneSaturationTable'
import {
  WALL_J_KG_K,
  type CylinderThermalState,
  saturatedVaporMassKg,
  internalEnergyJ,
  isVaporOnly,
  unusableMassKg,
  wallEnergyJ,
  wallConductanceWPerK,
} from './cylinderThermalState'
import { wettedAreaM2 } from './vessel'

/** What a step happens in. */
export interface StepEnvironment {
  airK: number
  /** Heat through each square meter of wetted wall. */
  heatTransferCoefficientWPerM2K: number
  stepS: number
  /** Least absolute pressure that is of use. */
  needPa: number
  /** Temperature at which it boils under that. */
  leastK: number
}

/** No step of a trip moves a cylinder further than the reach. */
const SEARCH_K: RootSearch = { firstStep: -0.05, reach: 60, tolerance: 1e-8 }
/** Heat capacity of the gas that is left when there is no liquid. [common practice] */
const GAS_J_KG_K = 1700

/** A cylinder at the beginning of a step. */
interface StepStart {
  thermal: CylinderThermalState
  startJ: number
  vaporEnthalpyJPerKg: number
  wallConductanceWPerK: number
}

/** With the wall that is wet in the middle of the step, by what is wanted of it. */
function beginStep(thermal: CylinderThermalState, halfKg: number, environment: StepEnvironment): StepStart {
  const massKg = Math.max(thermal.massKg / 2, thermal.massKg - halfKg)
  return {
    thermal,
    startJ: internalEnergyJ(thermal),
    vaporEnthalpyJPerKg: interpolateSaturation(SATURATION_COLUMN.vaporEnthalpyJPerKg, thermal.temperatureK),
    wallConductanceWPerK: wallConductanceWPerK(thermal, environment.heatTransferCoefficientWPerM2K, massKg),
  }
}

function heatJ(
  { thermal, wallConductanceWPerK: perK }: StepStart,
  endK: number,
  { airK, stepS }: StepEnvironment,
): number {
  return perK * (airK - (thermal.temperatureK + endK) / 2) * stepS
}

/** Gas that must have left for it to end at a temperature: heat at the mean temperature, vapor at the mean energy. */
function outflowKg(start: StepStart, endK: number, environment: StepEnvironment): number {
  const { body, massKg } = start.thermal
  const slope = interpolateSaturation(SATURATION_COLUMN.slopeJPerKg, endK)
  const endJ =
    massKg * slope +
    interpolateSaturation(SATURATION_COLUMN.volumeTermJPerM3, endK) * body.volumeM3 +
    wallEnergyJ(body, endK)
  const meanJKg = (start.vaporEnthalpyJPerKg + interpolateSaturation(SATURATION_COLUMN.vaporEnthalpyJPerKg, endK)) / 2
  return (start.startJ + heatJ(start, endK, environment) - endJ) / (meanJKg - slope)
}

function commitStep(start: StepStart, gasKg: number, endK: number, environment: StepEnvironment): number {
  const { thermal } = start
  thermal.heatInJ += heatJ(start, endK, environment)
  thermal.gasOutJ +=
    (gasKg * (start.vaporEnthalpyJPerKg + interpolateSaturation(SATURATION_COLUMN.vaporEnthalpyJPerKg, endK))) / 2
  thermal.massKg -= gasKg
  thermal.drawnKg += gasKg
  thermal.temperatureK = endK
  return gasKg
}

/** With nothing drawn from it. */
function stepIdle(start: StepStart, environment: StepEnvironment): number {
  return commitStep(
    start,
    0,
    findRoot((atK) => outflowKg(start, atK, environment), start.thermal.temperatureK, SEARCH_K),
    environment,
  )
}

/** With the last of its liquid boiled away in the step, and no more. */
function boilToDryness(start: StepStart, environment: StepEnvironment): number {
  const { body, massKg, temperatureK } = start.thermal
  const most = (atK: number): number => massKg - saturatedVaporMassKg(body, atK)
  const endK = findRoot((atK) => outflowKg(start, atK, environment) - most(atK), temperatureK, SEARCH_K)
  return commitStep(start, most(endK), endK, environment)
}

/** No liquid: what is left presses less with each gram, and the wall comes to the air’s temperature. */
function drawVapor(
  thermal: CylinderThermalState,
  wantKg: number,
  { airK, heatTransferCoefficientWPerM2K, stepS, needPa }: StepEnvironment,
): number {
  const { body } = thermal
  const before = internalEnergyJ(thermal)
  const gasKg = Math.max(0, Math.min(wantKg, thermal.massKg - unusableMassKg(thermal, needPa)))
  const taken = gasKg * interpolateSaturation(SATURATION_COLUMN.vaporEnthalpyJPerKg, thermal.temperatureK)
  const capacityJK = body.wallKg * WALL_J_KG_K + thermal.massKg * GAS_J_KG_K
  const near = Math.exp((-heatTransferCoefficientWPerM2K * wettedAreaM2(body, 1) * stepS) / Math.max(capacityJK, 1))
  thermal.massKg -= gasKg
  thermal.drawnKg += gasKg
  thermal.gasOutJ += taken
  thermal.temperatureK = airK + (thermal.temperatureK - airK) * near
  thermal.heatInJ += internalEnergyJ(thermal) - before + taken
  return gasKg
}

/** From cylinders with liquid that stand open to each other: they end equally cold, and none takes gas back. */
function boilFromShared(start: readonly StepStart[], wantKg: number, environment: StepEnvironment): number {
  let warmestK = 0
  for (const { thermal } of start) warmestK = Math.max(warmestK, thermal.temperatureK)
  const [first] = start
  const given =
    start.length === 1 && first
      ? (atK: number): number => outflowKg(first, atK, environment)
      : (atK: number): number => {
          let sum = 0
          for (const one of start) sum += Math.max(0, outflowKg(one, atK, environment))
          return sum
        }
  const endK = Math.max(
    environment.leastK,
    findRoot((atK) => given(atK) - wantKg, warmestK, SEARCH_K),
  )
  let gasKg = 0
  for (const one of start) {
    const { thermal } = one
    const wanted = outflowKg(one, endK, environment)
    const most = thermal.massKg - saturatedVaporMassKg(thermal.body, endK)
    if (wanted > 0 && wanted <= most) gasKg += commitStep(one, wanted, endK, environment)
    else if (wanted <= 0) stepIdle(one, environment)
    else {
      gasKg += boilToDryness(one, environment)
      // Its vapor goes on to give, in the same step.
      gasKg += drawVapor(thermal, Math.max(0, wantKg - gasKg), { ...environment, stepS: 0 })
    }
  }
  return gasKg
}

/**
 * Lets cylinders stand for a step, some gas drawn from those that are open.
 *
 * Open cylinders share a header and press alike; each is chilled by what it boils and warmed through its wetted
 * wall. None is drawn below the pressure that is of use: what cannot be had above it is not given.
 *
 * @param open - cylinders the gas may come from, changed in place
 * @param wantKg - in this step
 * @param around - air, wall, length of the step, and the least pressure of use
 * @returns kg that were given
 */
export function stepCylinders(
  open: readonly CylinderThermalState[],
  wantKg: number,
  environment: StepEnvironment,
): number {
  const wet: StepStart[] = []
  const dry: CylinderThermalState[] = []
  for (const thermal of open) {
    if (isVaporOnly(thermal)) dry.push(thermal)
    else wet.push(beginStep(thermal, wantKg / 2 / open.length, environment))
  }
  let givenKg = 0
  if (wet.length > 0) {
    if (wantKg > 0) givenKg = boilFromShared(wet, wantKg, environment)
    else for (const one of wet) stepIdle(one, environment)
  }
  for (const thermal of dry) givenKg += drawVapor(thermal, Math.max(0, wantKg - givenKg), environment)
  return givenKg
}
