import {
  type CylinderThermalState,
  isVaporOnly,
  cylinderPressurePa,
  unusableMassKg,
} from '@/core/vaporization/cylinderThermalState'
import type { OutageCause, SideChange, TripSource } from './tripRun'
import { stepCylinder, stepCylinders, type StepEnvironment } from '@/core/vaporization/stepCylinders'

/** State of the cylinders of one source. */
export interface SourceState {
  source: TripSource
  ids: readonly string[]
  thermals: readonly CylinderThermalState[]
  /** No usable gas is left in it. */
  isEmpty: boolean[]
  /** Side in use. */
  active: number
  changedAtS: number
  /** Cylinders that were open in the last step. */
  isOpen: boolean[]
  /** First of those; −1 while none is. */
  firstOpen: number
  /** Reused by every draw. */
  draw: SourceDraw
}

/** Shortest time on one side: the lever is not turned back and forth. */
const MIN_SIDE_TIME_S = 1800
/** Pressure above the need that makes the other side worth turning to. */
const USEFUL_EXCESS_PA = 15_000
const NOTHING_KG = 1e-7
const FULFILLED_SHARE = 0.999
/** A thirtieth of what a cylinder may hold is called empty. */
const LAST_KG_M3 = 14

export interface SourceDraw {
  gasKg: number
  /** Why it was not all; null when it was. */
  cause: Extract<OutageCause, 'empty' | 'cold' | 'lever'> | null
}

/** Who could turn a lever now, and where changes are recorded. */
export interface OccupantState {
  timeS: number
  awake: boolean
  getUp: boolean
  changes: SideChange[]
}

function openSide(state: SourceState, i: number): void {
  state.isOpen[i] = true
  if (state.firstOpen === -1) state.firstOpen = i
}

function changeSide(
  state: SourceState,
  to: number,
  by: SideChange['by'],
  { timeS, awake, changes }: OccupantState,
): void {
  const [fromId, toId] = [state.ids[state.active], state.ids[to]]
  if (fromId !== undefined && toId !== undefined) {
    changes.push({ sourceId: state.source.id, atS: timeS, fromId, toId, by, asleep: !awake })
  }
  state.active = to
  state.changedAtS = timeS
}

/** The other side with the highest pressure, if it is worth turning to. */
function bestAlternative(state: SourceState, needPa: number): number | null {
  let best: number | null = null
  let bestPa = needPa + USEFUL_EXCESS_PA
  for (let i = 0; i < state.thermals.length; i += 1) {
    const thermal = state.thermals[i]
    if (!thermal || i === state.active || state.isEmpty[i]) continue
    const pa = cylinderPressurePa(thermal)
    if (pa > bestPa) {
      best = i
      bestPa = pa
    }
  }
  return best
}

function markEmptyCylinders(state: SourceState, needPa: number): void {
  for (let i = 0; i < state.thermals.length; i += 1) {
    const thermal = state.thermals[i]
    if (thermal && !state.isEmpty[i] && isVaporOnly(thermal)) {
      state.isEmpty[i] = thermal.massKg - unusableMassKg(thermal, needPa) <= NOTHING_KG
    }
  }
}

/** The last few grams are cold too, but the cause is lack of gas. */
function isNearlyEmpty({ thermals }: SourceState, needPa: number): boolean {
  return thermals.every(
    (thermal) => thermal.massKg - unusableMassKg(thermal, needPa) < LAST_KG_M3 * thermal.body.volumeM3,
  )
}

/** Cylinders that are open together; reused by every draw. */
const open: CylinderThermalState[] = []

/** All sides open: they share a header. */
function drawFromAll(state: SourceState, wantKg: number, environmentOf: (index: number) => StepEnvironment): number {
  open.length = 0
  for (let i = 0; i < state.thermals.length; i += 1) {
    const thermal = state.thermals[i]
    if (!thermal || state.isEmpty[i]) continue
    openSide(state, i)
    open.push(thermal)
  }
  return open.length === 0 ? 0 : stepCylinders(open, wantKg, environmentOf(state.active))
}

function drawFromOne(
  state: SourceState,
  i: number,
  wantKg: number,
  environmentOf: (index: number) => StepEnvironment,
): number {
  const thermal = state.thermals[i]
  if (!thermal || state.isEmpty[i] || state.isOpen[i]) return 0
  openSide(state, i)
  return stepCylinder(thermal, wantKg, environmentOf(i))
}

/** The first that is not empty, with help from the others. */
function drawFromPrimary(
  state: SourceState,
  wantKg: number,
  environmentOf: (index: number) => StepEnvironment,
  watch: OccupantState,
): number {
  if (state.isEmpty[state.active]) {
    const next = state.isEmpty.indexOf(false)
    if (next !== -1) changeSide(state, next, 'automatic', watch)
  }
  let gasKg = drawFromOne(state, state.active, wantKg, environmentOf)
  for (let i = 0; i < state.thermals.length && gasKg < wantKg * FULFILLED_SHARE; i += 1) {
    gasKg += drawFromOne(state, i, wantKg - gasKg, environmentOf)
  }
  return gasKg
}

/** The side in use; another by hand when it cannot deliver and someone is awake. */
function drawFromActiveSide(
  state: SourceState,
  wantKg: number,
  environmentOf: (index: number) => StepEnvironment,
  watch: OccupantState,
): number {
  const gasKg = drawFromOne(state, state.active, wantKg, environmentOf)
  if (wantKg === 0 || gasKg >= wantKg * FULFILLED_SHARE) return gasKg
  const next = bestAlternative(state, environmentOf(state.active).needPa)
  if (next === null) return gasKg
  if (!watch.awake && !watch.getUp) {
    state.draw.cause = 'lever'
    return gasKg
  }
  const isKept = !state.isEmpty[state.active] && watch.timeS - state.changedAtS < MIN_SIDE_TIME_S
  if (isKept) return gasKg
  changeSide(state, next, 'hand', watch)
  return gasKg + drawFromOne(state, next, wantKg - gasKg, environmentOf)
}

/**
 * Draws the demand from a source according to its changeover; the other cylinders are stepped idle.
 *
 * @param state - of the source, changed in place
 * @param wantKg - demand of this step
 * @param environmentOf - surroundings of each cylinder
 * @param watch - who is awake
 * @returns what it gave; the same object for every draw of this source
 */
export function drawFromSource(
  state: SourceState,
  wantKg: number,
  environmentOf: (index: number) => StepEnvironment,
  watch: OccupantState,
): SourceDraw {
  const { changeover } = state.source
  const { needPa } = environmentOf(state.active)
  const { draw } = state
  state.firstOpen = -1
  for (let i = 0; i < state.isOpen.length; i += 1) state.isOpen[i] = false
  draw.cause = null
  if (changeover === 'one-side') draw.gasKg = drawFromActiveSide(state, wantKg, environmentOf, watch)
  else if (changeover === 'both') draw.gasKg = drawFromAll(state, wantKg, environmentOf)
  else draw.gasKg = drawFromPrimary(state, wantKg, environmentOf, watch)
  for (let i = 0; i < state.thermals.length; i += 1) {
    const thermal = state.thermals[i]
    if (thermal && !state.isOpen[i]) stepCylinder(thermal, 0, environmentOf(i))
  }
  markEmptyCylinders(state, needPa)
  if (draw.gasKg >= wantKg * FULFILLED_SHARE) draw.cause = null
  else draw.cause ??= isNearlyEmpty(state, needPa) ? 'empty' : 'cold'
  return draw
}
