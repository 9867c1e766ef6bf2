import { type Boiling, isVapourOnly, pressureOf, residueKg } from '@/core/vaporization/cylinderThermalState'
import type { OutageCause, SideChange, TripSource } from './tripRun'
import { drawGas, type Around } from '@/core/vaporization/drawGas'

/** The cylinders of one source at a moment. */
export interface SourceState {
  source: TripSource
  ids: readonly string[]
  boilings: readonly Boiling[]
  /** Nothing of use is left in it. */
  isEmpty: boolean[]
  /** Side in use. */
  active: number
  changedAtS: number
  /** Cylinders that were open in the last step. */
  open: readonly number[]
}

/** A side turned to is kept for a while: nobody stands at the lever all night. */
const KEPT_S = 1800
/** A side is worth turning to when it presses so much more than is needed. */
const WORTH_PA = 15_000
const NOTHING_KG = 1e-7
const SHORT = 0.999
/** A thirtieth of what a cylinder may hold is called empty. */
const LAST_KG_M3 = 14

export interface SourceGave {
  gasKg: number
  /** Why it was not all; null when it was. */
  cause: Extract<OutageCause, 'empty' | 'cold' | 'lever'> | null
}

/** Who could turn a lever at this moment, and where it is written down. */
export interface Watch {
  timeS: number
  awake: boolean
  getUp: boolean
  changes: SideChange[]
}

function turn(state: SourceState, to: number, by: SideChange['by'], { timeS, awake, changes }: Watch): void {
  const [fromId, toId] = [state.ids[state.active], state.ids[to]]
  if (fromId !== undefined && toId !== undefined) {
    changes.push({ sourceId: state.source.id, atS: timeS, fromId, toId, by, asleep: !awake })
  }
  state.active = to
  state.changedAtS = timeS
}

/** The other side worth turning to, that which presses most. */
function better(state: SourceState, needPa: number): number | null {
  let best: number | null = null
  let bestPa = needPa + WORTH_PA
  state.boilings.forEach((boiling, i) => {
    if (i === state.active || state.isEmpty[i]) return
    const pa = pressureOf(boiling)
    if (pa > bestPa) [best, bestPa] = [i, pa]
  })
  return best
}

function markEmpty(state: SourceState, needPa: number): void {
  for (let i = 0; i < state.boilings.length; i += 1) {
    const boiling = state.boilings[i]
    if (boiling && !state.isEmpty[i] && isVapourOnly(boiling)) {
      state.isEmpty[i] = boiling.massKg - residueKg(boiling, needPa) <= NOTHING_KG
    }
  }
}

/** The last few grams are cold too, but what is wanting is gas. */
function isAsGoodAsEmpty({ boilings }: SourceState, needPa: number): boolean {
  return boilings.every((boiling) => boiling.massKg - residueKg(boiling, needPa) < LAST_KG_M3 * boiling.body.volumeM3)
}

/** All sides open: they share a header. */
function fromAll(state: SourceState, wantKg: number, aroundOf: (index: number) => Around): number {
  const indices: number[] = []
  const open: Boiling[] = []
  for (let i = 0; i < state.boilings.length; i += 1) {
    const boiling = state.boilings[i]
    if (!boiling || state.isEmpty[i]) continue
    indices.push(i)
    open.push(boiling)
  }
  state.open = indices
  return open.length === 0 ? 0 : drawGas(open, wantKg, aroundOf(state.active))
}

function fromOne(state: SourceState, i: number, wantKg: number, aroundOf: (index: number) => Around): number {
  const boiling = state.boilings[i]
  if (!boiling || state.isEmpty[i] || state.open.includes(i)) return 0
  state.open = [...state.open, i]
  return drawGas([boiling], wantKg, aroundOf(i))
}

/** The first that is not empty, and help from the others for what it cannot give. */
function fromFirst(state: SourceState, wantKg: number, aroundOf: (index: number) => Around, watch: Watch): number {
  if (state.isEmpty[state.active]) {
    const next = state.isEmpty.indexOf(false)
    if (next !== -1) turn(state, next, 'automatic', watch)
  }
  let gasKg = fromOne(state, state.active, wantKg, aroundOf)
  for (let i = 0; i < state.boilings.length && gasKg < wantKg * SHORT; i += 1) {
    gasKg += fromOne(state, i, wantKg - gasKg, aroundOf)
  }
  return gasKg
}

/** The side in use; another by hand when it cannot and somebody is up. */
function fromSide(
  state: SourceState,
  wantKg: number,
  aroundOf: (index: number) => Around,
  watch: Watch,
): { gasKg: number; isBlocked: boolean } {
  const gasKg = fromOne(state, state.active, wantKg, aroundOf)
  if (wantKg === 0 || gasKg >= wantKg * SHORT) return { gasKg, isBlocked: false }
  const next = better(state, aroundOf(state.active).needPa)
  if (next === null) return { gasKg, isBlocked: false }
  if (!watch.awake && !watch.getUp) return { gasKg, isBlocked: true }
  const isKept = !state.isEmpty[state.active] && watch.timeS - state.changedAtS < KEPT_S
  if (isKept) return { gasKg, isBlocked: false }
  turn(state, next, 'hand', watch)
  return { gasKg: gasKg + fromOne(state, next, wantKg - gasKg, aroundOf), isBlocked: false }
}

/**
 * Draws what is wanted from a source by its changeover, and lets its other cylinders stand.
 *
 * @param state - of the source, changed in place
 * @param wantKg - in this step
 * @param aroundOf - what each cylinder stands in
 * @param watch - who is awake
 */
export function sourceDraw(
  state: SourceState,
  wantKg: number,
  aroundOf: (index: number) => Around,
  watch: Watch,
): SourceGave {
  const { changeover } = state.source
  const { needPa } = aroundOf(state.active)
  state.open = []
  const { gasKg, isBlocked } =
    changeover === 'one-side'
      ? fromSide(state, wantKg, aroundOf, watch)
      : {
          gasKg: changeover === 'both' ? fromAll(state, wantKg, aroundOf) : fromFirst(state, wantKg, aroundOf, watch),
          isBlocked: false,
        }
  for (let i = 0; i < state.boilings.length; i += 1) {
    const boiling = state.boilings[i]
    if (boiling && !state.open.includes(i)) drawGas([boiling], 0, aroundOf(i))
  }
  markEmpty(state, needPa)
  if (gasKg >= wantKg * SHORT) return { gasKg, cause: null }
  if (isBlocked) return { gasKg, cause: 'lever' }
  return { gasKg, cause: isAsGoodAsEmpty(state, needPa) ? 'empty' : 'cold' }
}
