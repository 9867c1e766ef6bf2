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

/** Surroundings of a cylinder during a step. */
export interface StepEnvironment {
  airK: number
  /** Heat transfer coefficient of the wetted wall. */
  heatTransferCoefficientWPerM2K: number
  stepS: number
  /** Lowest usable absolute pressure. */
  needPa: number
  /** Saturation temperature at that pressure. */
  leastK: number
}

/** No step of a trip moves a cylinder further than the reach. */
const SEARCH_K: RootSearch = { firstStep: -0.05, reach: 60, tolerance: 1e-8 }
/** Heat capacity of the gas without liquid. [common practice] */
const GAS_J_KG_K = 1700

/** A cylinder at the beginning of a step. */
interface StepStart {
  thermal: CylinderThermalState
  startJ: number
  vaporEnthalpyJPerKg: number
  wallConductanceWPerK: number
}

/** Starts a step, with the wall wetted at the middle of the step. */
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

/** Outflow for which the step ends at a temperature: heat at the mean temperature, vapor at the mean enthalpy. */
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

/** Liquid that a cylinder can boil off until it is dry at a temperature. */
function mostKg({ thermal }: StepStart, atK: number): number {
  return thermal.massKg - saturatedVaporMassKg(thermal.body, atK)
}

/** A step without outflow. */
function stepIdle(start: StepStart, environment: StepEnvironment): number {
  return commitStep(
    start,
    0,
    findRoot((atK) => outflowKg(start, atK, environment), start.thermal.temperatureK, SEARCH_K),
    environment,
  )
}

/** A step in which the last liquid boils away. */
function boilToDryness(start: StepStart, environment: StepEnvironment): number {
  const { temperatureK } = start.thermal
  const endK = findRoot((atK) => outflowKg(start, atK, environment) - mostKg(start, atK), temperatureK, SEARCH_K)
  return commitStep(start, mostKg(start, endK), endK, environment)
}

/** A step without liquid: pressure falls with each gram, and the wall approaches the air temperature. */
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

/** A step of open cylinders with liquid: they end at one temperature, and none takes gas back. */
function boilFromShared(start: readonly StepStart[], wantKg: number, environment: StepEnvironment): number {
  let warmestK = 0
  for (const { thermal } of start) warmestK = Math.max(warmestK, thermal.temperatureK)
  const [first] = start
  const given =
    start.length === 1 && first
      ? (atK: number): number => outflowKg(first, atK, environment)
      : (atK: number): number => {
          let sum = 0
          for (const one of start) {
            // None gives more than it has: what one lacks comes from the others.
            sum += Math.min(Math.max(0, outflowKg(one, atK, environment)), mostKg(one, atK))
          }
          return sum
        }
  const endK = Math.max(
    environment.leastK,
    findRoot((atK) => given(atK) - wantKg, warmestK, SEARCH_K),
  )
  let gasKg = 0
  let boiledDry = 0
  for (const one of start) {
    const wanted = outflowKg(one, endK, environment)
    if (wanted <= 0) stepIdle(one, environment)
    else if (wanted <= mostKg(one, endK)) gasKg += commitStep(one, wanted, endK, environment)
    else {
      // It ends warmer than the others, so it gives no more than was counted on.
      gasKg += boilToDryness(one, environment)
      boiledDry += 1
    }
  }
  if (boiledDry === 0) return gasKg
  // The vapor of those that ran dry continues to flow in the same step, after what the others give.
  for (const { thermal } of start) {
    if (isVaporOnly(thermal)) gasKg += drawVapor(thermal, Math.max(0, wantKg - gasKg), { ...environment, stepS: 0 })
  }
  return gasKg
}

/**
 * Steps cylinders in time, with a gas draw from the open ones.
 *
 * Open cylinders share a header and a pressure; each is chilled by boiling and warmed through its wetted
 * wall. None is drawn below the usable pressure: a demand that would need it is not met.
 *
 * @param open - open cylinders, changed in place
 * @param wantKg - demand of this step
 * @param environment - air, wall, step length, and lowest usable pressure
 * @returns delivered mass, kg
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
