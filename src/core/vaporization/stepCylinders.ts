import { findRoot, findRootNear, type RootGuess, type RootSearch } from '@/core/math/findRoot'
import {
  emptySaturationRow,
  interpolateSaturation,
  readBoilingTerms,
  readSaturationRow,
  SATURATION_COLUMN,
} from './propaneSaturationTable'
import {
  WALL_J_KG_K,
  type CylinderThermalState,
  saturatedVaporMassKg,
  internalEnergyJ,
  isVaporOnly,
  unusableMassKg,
  wallEnergyJ,
  internalEnergyAtJ,
  liquidFractionAt,
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

/** Start of the search at the end of the last step’s trend; one object, so that a step allocates nothing. */
const guess: RootGuess = { at: 0, slope: NaN }

/** Temperature at which a step ends, near where the last steps point. */
function endOfStepK(thermal: CylinderThermalState, excessKg: (atK: number) => number, slope: number): number {
  guess.at = thermal.temperatureK + thermal.trendK
  guess.slope = slope
  return findRootNear(excessKg, thermal.temperatureK, SEARCH_K, guess)
}

/** Heat capacity of the gas without liquid. [common practice] */
const GAS_J_KG_K = 1700

/** A cylinder at the beginning of a step. */
interface StepStart {
  thermal: CylinderThermalState
  startJ: number
  vaporEnthalpyJPerKg: number
  wallConductanceWPerK: number
}

/** Starts of the cylinders with liquid, and the cylinders without; reused, so that a step allocates nothing. */
const wet: StepStart[] = []

const dry: CylinderThermalState[] = []

/** Read at the start of a step. */
const row = emptySaturationRow()

/** Starts a step as the given one with liquid, with the wall wetted at the middle of the step. */
function beginStep(i: number, thermal: CylinderThermalState, halfKg: number, environment: StepEnvironment): void {
  const massKg = Math.max(thermal.massKg / 2, thermal.massKg - halfKg)
  const start = (wet[i] ??= { thermal, startJ: 0, vaporEnthalpyJPerKg: 0, wallConductanceWPerK: 0 })
  start.thermal = thermal
  readSaturationRow(thermal.temperatureK, row)
  start.startJ = internalEnergyAtJ(row, thermal)
  start.vaporEnthalpyJPerKg = row.vaporEnthalpyJPerKg
  start.wallConductanceWPerK =
    environment.heatTransferCoefficientWPerM2K * wettedAreaM2(thermal.body, liquidFractionAt(row, thermal.body, massKg))
}

function heatJ(
  { thermal, wallConductanceWPerK: perK }: StepStart,
  endK: number,
  { airK, stepS }: StepEnvironment,
): number {
  return perK * (airK - (thermal.temperatureK + endK) / 2) * stepS
}

/** Read at each trial temperature; one object, so that the search allocates nothing. */
const terms = { slopeJPerKg: 0, volumeTermJPerM3: 0, vaporEnthalpyJPerKg: 0 }

/** Outflow for which the step ends at a temperature: heat at the mean temperature, vapor at the mean enthalpy. */
function outflowKg(start: StepStart, endK: number, environment: StepEnvironment): number {
  const { body, massKg } = start.thermal
  readBoilingTerms(endK, terms)
  const { slopeJPerKg, volumeTermJPerM3, vaporEnthalpyJPerKg } = terms
  const endJ = massKg * slopeJPerKg + volumeTermJPerM3 * body.volumeM3 + wallEnergyJ(body, endK)
  const meanJKg = (start.vaporEnthalpyJPerKg + vaporEnthalpyJPerKg) / 2
  return (start.startJ + heatJ(start, endK, environment) - endJ) / (meanJKg - slopeJPerKg)
}

function commitStep(start: StepStart, gasKg: number, endK: number, environment: StepEnvironment): number {
  const { thermal } = start
  thermal.heatInJ += heatJ(start, endK, environment)
  thermal.gasOutJ +=
    (gasKg * (start.vaporEnthalpyJPerKg + interpolateSaturation(SATURATION_COLUMN.vaporEnthalpyJPerKg, endK))) / 2
  thermal.massKg -= gasKg
  thermal.drawnKg += gasKg
  thermal.trendK = endK - thermal.temperatureK
  thermal.temperatureK = endK
  return gasKg
}

/** Liquid that a cylinder can boil off until it is dry at a temperature. */
function mostKg({ thermal }: StepStart, atK: number): number {
  return thermal.massKg - saturatedVaporMassKg(thermal.body, atK)
}

/** What the search for the end of a step asks about; one object and no closure, so that a step allocates nothing. */
const search: { start: StepStart | undefined; count: number; wantKg: number; environment: StepEnvironment } = {
  start: undefined,
  count: 0,
  wantKg: 0,
  environment: { airK: 0, heatTransferCoefficientWPerM2K: 0, stepS: 0, needPa: 0, leastK: 0 },
}

function idleOutflowKg(atK: number): number {
  return search.start ? outflowKg(search.start, atK, search.environment) : 0
}

function excessOutflowKg(atK: number): number {
  return sharedOutflowKg(search.count, atK, search.environment) - search.wantKg
}

/** A step without outflow. */
function stepIdle(start: StepStart, environment: StepEnvironment): number {
  const { thermal } = start
  search.start = start
  search.environment = environment
  const endK = endOfStepK(thermal, idleOutflowKg, thermal.slopeKgPerK)
  thermal.slopeKgPerK = guess.slope
  const heldJ = thermal.heatInJ
  commitStep(start, 0, endK, environment)
  // The last liquid may boil away as it warms: then the heat is what is stored, as in a step without liquid.
  if (isVaporOnly(thermal)) thermal.heatInJ = heldJ + internalEnergyJ(thermal) - start.startJ
  return 0
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

/** Outflow of the first cylinders with liquid, were they all at one temperature. */
function sharedOutflowKg(count: number, atK: number, environment: StepEnvironment): number {
  const [first] = wet
  if (count === 1 && first) return outflowKg(first, atK, environment)
  let sumKg = 0
  for (let i = 0; i < count; i += 1) {
    const one = wet[i]
    // None gives more than it has: what one lacks comes from the others.
    if (one) sumKg += Math.min(Math.max(0, outflowKg(one, atK, environment)), mostKg(one, atK))
  }
  return sumKg
}

/** A step of the first cylinders with liquid: they end at one temperature, and none takes gas back. */
function boilFromShared(count: number, wantKg: number, environment: StepEnvironment): number {
  let [warmest] = wet
  let slope = 0
  for (let i = 0; i < count; i += 1) {
    const one = wet[i]
    if (!one) continue
    if (one.thermal.temperatureK > (warmest?.thermal.temperatureK ?? 0)) warmest = one
    slope += one.thermal.slopeKgPerK
  }
  if (warmest === undefined) return 0
  search.count = count
  search.wantKg = wantKg
  search.environment = environment
  const wantedK = endOfStepK(warmest.thermal, excessOutflowKg, slope)
  const endK = Math.max(environment.leastK, wantedK)
  // Their sum counts; how it is shared is only a first guess for each alone.
  const shareOfSlope = guess.slope / count
  let gasKg = 0
  let boiledDry = 0
  for (let i = 0; i < count; i += 1) {
    const one = wet[i]
    if (!one) continue
    one.thermal.slopeKgPerK = shareOfSlope
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
  for (let i = 0; i < count; i += 1) {
    const thermal = wet[i]?.thermal
    if (!thermal || !isVaporOnly(thermal)) continue
    gasKg += drawVapor(thermal, Math.max(0, wantKg - gasKg), { ...environment, stepS: 0 })
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
  let wetCount = 0
  let dryCount = 0
  for (const thermal of open) {
    if (isVaporOnly(thermal)) {
      dry[dryCount] = thermal
      dryCount += 1
    } else {
      beginStep(wetCount, thermal, wantKg / 2 / open.length, environment)
      wetCount += 1
    }
  }
  let givenKg = 0
  if (wantKg > 0 && wetCount > 0) givenKg = boilFromShared(wetCount, wantKg, environment)
  else {
    for (let i = 0; i < wetCount; i += 1) {
      const one = wet[i]
      if (one) stepIdle(one, environment)
    }
  }
  for (let i = 0; i < dryCount; i += 1) {
    const thermal = dry[i]
    if (thermal) givenKg += drawVapor(thermal, Math.max(0, wantKg - givenKg), environment)
  }
  return givenKg
}

const single: CylinderThermalState[] = []

/** Steps one cylinder by itself, as stepCylinders does. */
export function stepCylinder(thermal: CylinderThermalState, wantKg: number, environment: StepEnvironment): number {
  single[0] = thermal
  return stepCylinders(single, wantKg, environment)
}
