import {
  type CylinderThermalState,
  isVaporOnly,
  cylinderPressurePa,
  unusableMassKg,
} from '@/core/vaporization/cylinderThermalState'
import type { OutageCause, SideChange, TripSource } from './tripRun'
import { stepCylinders, type StepEnvironment } from '@/core/vaporization/stepCylinders'

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
  open: readonly number[]
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
  state.thermals.forEach((thermal, i) => {
    if (i === state.active || state.isEmpty[i]) return
    const pa = cylinderPressurePa(thermal)
    if (pa > bestPa) [best, bestPa] = [i, pa]
  })
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

/** All sides open: they share a header. */
function drawFromAll(state: SourceState, wantKg: number, environmentOf: (index: number) => StepEnvironment): number {
  const indices: number[] = []
  const open: CylinderThermalState[] = []
  for (let i = 0; i < state.thermals.length; i += 1) {
    const thermal = state.thermals[i]
    if (!thermal || state.isEmpty[i]) continue
    indices.push(i)
    open.push(thermal)
  }
  state.open = indices
  return open.length === 0 ? 0 : stepCylinders(open, wantKg, environmentOf(state.active))
}

function drawFromOne(
  state: SourceState,
  i: number,
  wantKg: number,
  environmentOf: (index: number) => StepEnvironment,
): number {
  const thermal = state.thermals[i]
  if (!thermal || state.isEmpty[i] || state.open.includes(i)) return 0
  state.open = [...state.open, i]
  return stepCylinders([thermal], wantKg, environmentOf(i))
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
): { gasKg: number; isBlocked: boolean } {
  const gasKg = drawFromOne(state, state.active, wantKg, environmentOf)
  if (wantKg === 0 || gasKg >= wantKg * FULFILLED_SHARE) return { gasKg, isBlocked: false }
  const next = bestAlternative(state, environmentOf(state.active).needPa)
  if (next === null) return { gasKg, isBlocked: false }
  if (!watch.awake && !watch.getUp) return { gasKg, isBlocked: true }
  const isKept = !state.isEmpty[state.active] && watch.timeS - state.changedAtS < MIN_SIDE_TIME_S
  if (isKept) return { gasKg, isBlocked: false }
  changeSide(state, next, 'hand', watch)
  return { gasKg: gasKg + drawFromOne(state, next, wantKg - gasKg, environmentOf), isBlocked: false }
}

/**
 * Draws the demand from a source according to its changeover; the other cylinders are stepped idle.
 *
 * @param state - of the source, changed in place
 * @param wantKg - demand of this step
 * @param environmentOf - surroundings of each cylinder
 * @param watch - who is awake
 */
export function drawFromSource(
  state: SourceState,
  wantKg: number,
  environmentOf: (index: number) => StepEnvironment,
  watch: OccupantState,
): SourceDraw {
  const { changeover } = state.source
  const { needPa } = environmentOf(state.active)
  state.open = []
  const { gasKg, isBlocked } =
    changeover === 'one-side'
      ? drawFromActiveSide(state, wantKg, environmentOf, watch)
      : {
          gasKg:
            changeover === 'both'
              ? drawFromAll(state, wantKg, environmentOf)
              : drawFromPrimary(state, wantKg, environmentOf, watch),
          isBlocked: false,
        }
  for (let i = 0; i < state.thermals.length; i += 1) {
    const thermal = state.thermals[i]
    if (thermal && !state.open.includes(i)) stepCylinders([thermal], 0, environmentOf(i))
  }
  markEmptyCylinders(state, needPa)
  if (gasKg >= wantKg * FULFILLED_SHARE) return { gasKg, cause: null }
  if (isBlocked) return { gasKg, cause: 'lever' }
  return { gasKg, cause: isNearlyEmpty(state, needPa) ? 'empty' : 'cold' }
}
