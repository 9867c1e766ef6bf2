import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { saturation } from '@/core/fluids/saturation'
import type { Line, LinePart } from '@/core/hookup/line/line'
import { changeoverStates } from '@/core/hookup/line/changeoverSides'
import { type GraphPart, type LineGraph, lineGraph } from '@/core/hookup/line/lineGraph'
import { cylinderAtRest, cylinderPressurePa, type CylinderThermalState } from '@/core/vaporization/cylinderThermalState'
import { vesselBody } from '@/core/vaporization/vessel'
import { limitOf, practiceCylinder, practiceGraph, type PracticeRig } from './practiceRig'

/** What is wrong at a part beyond what the line itself can say. */
export const marks = [
  'igniter-dead',
  'sensor-dirty',
  'held-short',
  'nest',
  'flue-blocked',
  'cold-start',
  'electric-mode',
  'unseated',
  'thin-air',
  'iced',
  'unlit-open',
  'extra-regulator',
  'wrong-orifice',
  'taped',
  'lookalike',
] as const

export type Mark = (typeof marks)[number]

/** A cylinder or tank of the line. */
export interface SourceState {
  massKg: number
  liquidK: number
  /** Never purged: air is mixed with its gas. */
  holdsAir: boolean
  /** Not the way up it was made for: liquid reaches the line. */
  isTipped: boolean
}

/** An escape of gas. */
export interface Leak {
  /** A joint, or the part whose stem, vessel or relief valve leaks. */
  at: string
  /** Part that the gas comes from last. */
  partId: string
  place: 'joint' | 'stem' | 'vessel' | 'relief'
  inside: boolean
  /** With cylinder pressure behind it. */
  massKgS: number
}

/** A rig at a moment, with whatever is wrong with it. */
export interface RigState {
  rig: PracticeRig
  /** As set, with the bores and types that faults change. */
  line: Line
  sources: Readonly<Record<string, SourceState>>
  marks: Readonly<Record<string, readonly Mark[]>>
  leaks: readonly Leak[]
  /** Air to be burned off at a burner before gas comes, m³ at the pressure of the air. */
  airInLineM3: number
  batteryShare: number | null
  /** Oxygen of the room, mole fraction. */
  oxygenShare: number
  /** What the gas alarm or the CO alarm chirps for. */
  alarmChirps: 'battery' | 'end-of-life' | null
}

const OXYGEN_SHARE = 0.2095

/** Contents of a cylinder nobody weighed: half of its limit. [assumed] */
const UNKNOWN_SHARE = 0.5

/** Charge of a battery nobody entered. [assumed] */
const UNKNOWN_BATTERY = 0.8

/** So little gas is only vapor; a changeover calls the cylinder empty. [common practice] */
const EMPTY_KG = 0.4

/** Graphs by line: a state with another mark or leak keeps the line of the one before. */
const graphs = new WeakMap<Line, LineGraph>()

/** The graph of a state's line. */
export function stateGraph({ line }: Pick<RigState, 'line'>): LineGraph {
  const graph = graphs.get(line) ?? lineGraph(line)
  graphs.set(line, graph)
  return graph
}

const soundStates = new WeakMap<PracticeRig, RigState>()

/** The rig with nothing wrong: valves open, the lever at a cylinder with gas, every cylinder at the air's temperature. */
export function soundState(rig: PracticeRig): RigState {
  const state = soundStates.get(rig) ?? makeSound(rig)
  soundStates.set(rig, state)
  return state
}

function makeSound(rig: PracticeRig): RigState {
  const graph = practiceGraph(rig)
  const sources = Object.fromEntries(
    graph.sources.map(({ part: { id } }): [string, SourceState] => {
      const { massKg } = practiceCylinder(rig, id)
      const isUsable = massKg !== null && massKg > EMPTY_KG
      const usual = limitOf(rig, id) * UNKNOWN_SHARE
      return [id, { massKg: isUsable ? massKg : usual, liquidK: rig.outsideK, holdsAir: false, isTipped: false }]
    }),
  )
  const parts = rig.line.parts.map((part): LinePart =>
    part.setting === undefined ? part : { ...part, setting: 'open' },
  )
  return {
    rig,
    line: { ...rig.line, parts },
    sources,
    marks: {},
    leaks: [],
    airInLineM3: 0,
    batteryShare: rig.batteryShare === null ? UNKNOWN_BATTERY : Math.max(rig.batteryShare, UNKNOWN_BATTERY),
    oxygenShare: OXYGEN_SHARE,
    alarmChirps: null,
  }
}

/** Changes one part of the line. */
export function withPart(state: RigState, partId: string, change: Partial<LinePart>): RigState {
  const parts = state.line.parts.map((part) => (part.id === partId ? { ...part, ...change } : part))
  return { ...state, line: { ...state.line, parts } }
}

export function withSource(state: RigState, partId: string, change: Partial<SourceState>): RigState {
  const source = state.sources[partId]
  return source ? { ...state, sources: { ...state.sources, [partId]: { ...source, ...change } } } : state
}

export const hasMark = ({ marks: all }: Pick<RigState, 'marks'>, id: string, mark: Mark): boolean =>
  all[id]?.includes(mark) === true

export function withMark(state: RigState, id: string, mark: Mark): RigState {
  return { ...state, marks: { ...state.marks, [id]: [...(state.marks[id] ?? []), mark] } }
}

export function withoutMark(state: RigState, id: string, mark: Mark): RigState {
  return { ...state, marks: { ...state.marks, [id]: (state.marks[id] ?? []).filter((one) => one !== mark) } }
}

/** A part of the sound rig as it is in a state. */
export const currentPart = (state: RigState, part: GraphPart): GraphPart =>
  stateGraph(state).byId.get(part.part.id) ?? part

/** Thermal state of a cylinder, for the vaporization model. */
export function thermalOf(state: RigState, partId: string): CylinderThermalState {
  const { waterCapacityKg, stands, tareKg } = practiceCylinder(state.rig, partId)
  const source = state.sources[partId]
  const body = vesselBody({ waterCapacityKg, stands, ...(tareKg !== undefined && { wallKg: tareKg }) })
  return cylinderAtRest(body, source?.massKg ?? 0, source?.liquidK ?? state.rig.outsideK)
}

/** Range of the vapor pressure of CO2, from its triple point to just under its critical point. */
const CO2_K = { from: 217, to: 304 }

/** Gauge pressure in a source, Pa: by the vaporization model for propane, by vapor pressure for CO2. */
export function sourceGaugePa(state: RigState, { part, type }: GraphPart): number {
  const atmospherePa = standardAtmospherePa(state.rig.altitudeM)
  const source = state.sources[part.id]
  if (!source) return 0
  if (type.gas !== 'co2') return Math.max(0, cylinderPressurePa(thermalOf(state, part.id)) - atmospherePa)
  if (source.massKg < EMPTY_KG) return 0
  return saturation('co2', Math.min(CO2_K.to, Math.max(CO2_K.from, source.liquidK))).pressurePa - atmospherePa
}

/** Whether a cylinder's outlet is a hand-wheel: these carry the flow limiter. */
export const hasHandWheel = ({ outOf }: GraphPart): boolean =>
  outOf.some(({ verdict }) => verdict.connection === 'type1-acme')

/** Sources whose gas an appliance would burn now, by lever and valves; all of them for an automatic changeover. */
export function sourcesInUse(graph: LineGraph): GraphPart[] {
  const states = changeoverStates(graph, undefined)
  const unused = new Set(
    states.flatMap(({ lever, sides }) =>
      lever === 'left' || lever === 'right'
        ? sides.filter(({ side }) => side !== lever).map(({ cylinder }) => cylinder.part.id)
        : [],
    ),
  )
  return graph.sources.filter(({ part }) => !unused.has(part.id))
}
