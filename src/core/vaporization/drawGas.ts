import { boilAt, BOIL } from './propaneSaturationTable'
import {
  WALL_J_KG_K,
  type Boiling,
  allVapourKg,
  energyJ,
  isVapourOnly,
  residueKg,
  wallEnergyJ,
  wallWPerK,
} from './cylinderThermalState'
import { wettedAreaM2 } from './vessel'

/** What a step happens in. */
export interface Around {
  airK: number
  /** Heat through each square metre of wetted wall. */
  wallUWPerM2K: number
  stepS: number
  /** Least absolute pressure that is of use. */
  needPa: number
  /** Temperature at which it boils under that. */
  leastK: number
}

const CLOSE_K = 1e-8
/** No step of a trip moves a cylinder further. */
const REACH_K = 60
/** Heat capacity of the gas that is left when there is no liquid. [common practice] */
const GAS_J_KG_K = 1700

/** A cylinder at the beginning of a step. */
interface Held {
  boiling: Boiling
  startJ: number
  vapourJKg: number
  wallWPerK: number
}

/** With the wall that is wet in the middle of the step, by what is wanted of it. */
function hold(boiling: Boiling, halfKg: number, around: Around): Held {
  const massKg = Math.max(boiling.massKg / 2, boiling.massKg - halfKg)
  return {
    boiling,
    startJ: energyJ(boiling),
    vapourJKg: boilAt(BOIL.vapourJKg, boiling.temperatureK),
    wallWPerK: wallWPerK(boiling, around.wallUWPerM2K, massKg),
  }
}

function heatJ({ boiling, wallWPerK: perK }: Held, endK: number, { airK, stepS }: Around): number {
  return perK * (airK - (boiling.temperatureK + endK) / 2) * stepS
}

/** Gas that must have left for it to end at a temperature: heat at the mean temperature, vapour at the mean energy. */
function leftKg(held: Held, endK: number, around: Around): number {
  const { body, massKg } = held.boiling
  const slope = boilAt(BOIL.slopeJKg, endK)
  const endJ = massKg * slope + boilAt(BOIL.roomJM3, endK) * body.volumeM3 + wallEnergyJ(body, endK)
  const meanJKg = (held.vapourJKg + boilAt(BOIL.vapourJKg, endK)) / 2
  return (held.startJ + heatJ(held, endK, around) - endJ) / (meanJKg - slope)
}

/** Where a falling function is nothing: the secant, and halving where that strays. */
function fallsToNothing(of: (temperatureK: number) => number, startK: number): number {
  let [a, b] = [startK, startK - 0.05]
  let [atA, atB] = [of(a), of(b)]
  for (let i = 0; i < 12 && atA !== atB; i += 1) {
    const next = b - (atB * (a - b)) / (atA - atB)
    if (!(Math.abs(next - startK) < REACH_K)) break
    if (Math.abs(next - b) < CLOSE_K) return next
    ;[a, atA, b] = [b, atB, next]
    atB = of(b)
    if (atB === 0) return b
  }
  let [low, high] = [startK - REACH_K, startK + REACH_K]
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2
    if (of(middle) > 0) low = middle
    else high = middle
  }
  return (low + high) / 2
}

function settle(held: Held, gasKg: number, endK: number, around: Around): number {
  const { boiling } = held
  boiling.heatInJ += heatJ(held, endK, around)
  boiling.gasOutJ += (gasKg * (held.vapourJKg + boilAt(BOIL.vapourJKg, endK))) / 2
  boiling.massKg -= gasKg
  boiling.drawnKg += gasKg
  boiling.temperatureK = endK
  return gasKg
}

/** With nothing drawn from it. */
function alone(held: Held, around: Around): number {
  return settle(
    held,
    0,
    fallsToNothing((atK) => leftKg(held, atK, around), held.boiling.temperatureK),
    around,
  )
}

/** With the last of its liquid boiled away in the step, and no more. */
function allLiquid(held: Held, around: Around): number {
  const { body, massKg, temperatureK } = held.boiling
  const most = (atK: number): number => massKg - allVapourKg(body, atK)
  const endK = fallsToNothing((atK) => leftKg(held, atK, around) - most(atK), temperatureK)
  return settle(held, most(endK), endK, around)
}

/** No liquid: what is left presses less with each gram, and the wall comes to the air’s temperature. */
function ventVapour(boiling: Boiling, wantKg: number, { airK, wallUWPerM2K, stepS, needPa }: Around): number {
  const { body } = boiling
  const before = energyJ(boiling)
  const gasKg = Math.max(0, Math.min(wantKg, boiling.massKg - residueKg(boiling, needPa)))
  const taken = gasKg * boilAt(BOIL.vapourJKg, boiling.temperatureK)
  const capacityJK = body.wallKg * WALL_J_KG_K + boiling.massKg * GAS_J_KG_K
  const near = Math.exp((-wallUWPerM2K * wettedAreaM2(body, 1) * stepS) / Math.max(capacityJK, 1))
  boiling.massKg -= gasKg
  boiling.drawnKg += gasKg
  boiling.gasOutJ += taken
  boiling.temperatureK = airK + (boiling.temperatureK - airK) * near
  boiling.heatInJ += energyJ(boiling) - before + taken
  return gasKg
}

/** From cylinders with liquid that stand open to each other: they end equally cold, and none takes gas back. */
function boilOff(held: readonly Held[], wantKg: number, around: Around): number {
  let warmestK = 0
  for (const { boiling } of held) warmestK = Math.max(warmestK, boiling.temperatureK)
  const [first] = held
  const given =
    held.length === 1 && first
      ? (atK: number): number => leftKg(first, atK, around)
      : (atK: number): number => {
          let sum = 0
          for (const one of held) sum += Math.max(0, leftKg(one, atK, around))
          return sum
        }
  const endK = Math.max(
    around.leastK,
    fallsToNothing((atK) => given(atK) - wantKg, warmestK),
  )
  let gasKg = 0
  for (const one of held) {
    const { boiling } = one
    const wanted = leftKg(one, endK, around)
    const most = boiling.massKg - allVapourKg(boiling.body, endK)
    if (wanted > 0 && wanted <= most) gasKg += settle(one, wanted, endK, around)
    else if (wanted <= 0) alone(one, around)
    else {
      gasKg += allLiquid(one, around)
      // Its vapour goes on to give, in the same step.
      gasKg += ventVapour(boiling, Math.max(0, wantKg - gasKg), { ...around, stepS: 0 })
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
export function drawGas(open: readonly Boiling[], wantKg: number, around: Around): number {
  const wet: Held[] = []
  const dry: Boiling[] = []
  for (const boiling of open) {
    if (isVapourOnly(boiling)) dry.push(boiling)
    else wet.push(hold(boiling, wantKg / 2 / open.length, around))
  }
  let givenKg = 0
  if (wet.length > 0) {
    if (wantKg > 0) givenKg = boilOff(wet, wantKg, around)
    else for (const one of wet) alone(one, around)
  }
  for (const boiling of dry) givenKg += ventVapour(boiling, Math.max(0, wantKg - givenKg), around)
  return givenKg
}
