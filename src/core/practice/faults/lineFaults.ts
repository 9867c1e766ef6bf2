import type { PartType } from '@/core/hookup/catalogue/partType'
import { connections } from '@/core/hookup/catalogue/connections'
import { applianceInputW, type GraphJoint, type GraphPart, wayTo } from '@/core/hookup/line/lineGraph'
import { jointName } from '@/core/hookup/line/jointName'
import { fromUnit } from '@/core/units/convert'
import { lineReading } from '@/core/practice/readings/lineReading'
import { type Leak, type RigState, withMark, withPart, stateGraph } from '@/core/practice/rig/rigState'
import { type FaultContext, type FaultKind, type FaultPlace, placeOf } from './faultKind'
import { narrow } from './restriction'

/** Regulators that give low pressure, in the order of the gas. */
const lowRegulators = ({ graph }: FaultContext): GraphPart[] =>
  graph.sortFindings.filter(({ type }) => type.regulator?.outlet === 'low')

const co2Regulators = ({ graph }: FaultContext): GraphPart[] =>
  graph.sortFindings.filter(({ type }) => type.regulator && type.gas === 'co2')

/** Replaces a part's type by one whose regulator gives something else. */
function withRegulator(
  state: RigState,
  partId: string,
  change: (facts: NonNullable<PartType['regulator']>) => Partial<NonNullable<PartType['regulator']>>,
): RigState {
  const { type } = stateGraph(state).byId.get(partId) ?? {}
  if (!type?.regulator) return state
  const id = `faulty ${partId}`.slice(0, 64)
  const faulty = { ...type, id, regulator: { ...type.regulator, ...change(type.regulator) } }
  const typed = { ...state, line: { ...state.line, types: [...state.line.types, faulty] } }
  return withPart(typed, partId, { typeId: id })
}

/** Pressures of a regulator that creeps, sags, or is frozen at its vent, over its setting. [common practice] */
const CREEP = { set: 1.6, lockup: 2 }
const SAG = 0.45
const FROZEN = 0.3

/** Coldest weather in which rain freezes on a regulator's vent. */
const ICE_BELOW_K = 278.15

/** Length from which hoses at cylinder pressure leave oil. [common practice: 10 ft] */
const OILY_M = fromUnit(10, 'length', 'ft')

/** Share of an appliance's heat that passes a kinked hose, a full filter or a plugged orifice. [common practice] */
const BLOCKED_SHARE = 0.35

function hoseRunM(appliance: GraphPart, { zones }: FaultContext): number {
  return wayTo(appliance)
    .filter(({ part, type }) => type.role === 'hose' && zones.get(part.id)?.inlet === 'cylinder')
    .reduce((sum, { lengthM }) => sum + lengthM, 0)
}

/** Narrows a part so that the largest burner behind it gets a third of its heat. */
function choke(state: RigState, { at }: FaultPlace, { graph, appliances }: FaultContext): RigState {
  const part = graph.byId.get(at)
  const behind = part ? appliances.filter((one) => wayTo(one).includes(part)) : []
  const wantedW = behind.reduce((most, one) => Math.max(most, applianceInputW(one)), 0)
  const inletGaugePa = lineReading(state, {}).parts.get(at)?.staticGaugePa ?? 0
  return wantedW > 0 && inletGaugePa > 0 ? narrow(state, at, wantedW * BLOCKED_SHARE, inletGaugePa) : state
}

const feedsBurner = (part: GraphPart, { appliances }: FaultContext): boolean =>
  appliances.some((one) => wayTo(one).includes(part))

/** Slow leaks that soap shows, kg/s: a few grams an hour at cylinder pressure. [common practice] */
const LOOSE_KG_S = 20e-3 / 3600
const BEADS_KG_S = 4e-3 / 3600

const jointPlace = (made: GraphJoint): FaultPlace => ({
  at: made.joint.id,
  partId: made.to.part.id,
  name: jointName(made),
})

const isInside = ({ from, to }: GraphJoint): boolean => from.part.place === 'inside' || to.part.place === 'inside'

function leakAt(state: RigState, at: string, massKgS: number, { graph }: FaultContext): RigState {
  const joint = graph.joints.find((one) => one.joint.id === at)
  const partId = joint ? joint.from.part.id : at
  const inside = joint ? isInside(joint) : graph.byId.get(at)?.part.place === 'inside'
  const leak: Leak = { at, partId, place: joint ? 'joint' : 'stem', inside, massKgS }
  return { ...state, leaks: [...state.leaks, leak] }
}

/** Leaks inside are an emergency and end the search, so only joints outside are searched. */
const outsideJoints = (context: FaultContext): GraphJoint[] => context.graph.joints.filter((one) => !isInside(one))

/** Faults of regulators, hoses, filters and joints. */
export const lineFaults = {
  'regulator-sag': {
    label: 'Regulator gives too little pressure',
    weight: 4,
    station: 'hookup',
    onset: ['slowly', 'suddenly'],
    repair: {
      by: 'technician',
      steps: ['Shut the cylinder.', 'Never turn the screw of a regulator.'],
      tell: 'All burners are weak with a good cylinder. The regulator sags when gas flows.',
    },
    places: (context) => lowRegulators(context).map(placeOf),
    apply: (state, { at }) => withRegulator(state, at, ({ setGaugePa }) => ({ setGaugePa: setGaugePa * SAG })),
  },
  'regulator-creep': {
    label: 'Regulator gives too much pressure',
    weight: 1,
    station: 'hookup',
    onset: ['suddenly', 'slowly'],
    repair: {
      by: 'technician',
      steps: ['Shut the cylinder now.', 'Keep every burner off.', 'Never turn the screw of a regulator.'],
      tell: 'Flames are tall and roar. The lock-up pressure is over 14 in WC.',
    },
    places: (context) => lowRegulators(context).map(placeOf),
    apply: (state, { at }) =>
      withRegulator(state, at, ({ setGaugePa, lockupGaugePa }) => ({
        setGaugePa: setGaugePa * CREEP.set,
        lockupGaugePa: lockupGaugePa * CREEP.lockup,
      })),
  },
  'regulator-ice': {
    label: 'Regulator vent iced',
    weight: 1,
    station: 'hookup',
    onset: ['rain', 'cold-or-long'],
    repair: {
      by: 'owner',
      steps: [
        'Shut the cylinder.',
        'Let the regulator warm in the air. No flame, no hot water.',
        'Point its vent down.',
      ],
    },
    places: (context) => (context.rig.outsideK < ICE_BELOW_K ? lowRegulators(context).map(placeOf) : []),
    apply: (state, { at }) =>
      withMark(
        withRegulator(state, at, ({ setGaugePa }) => ({ setGaugePa: setGaugePa * FROZEN })),
        at,
        'iced',
      ),
  },
  'co2-ice': {
    label: 'CO2 regulator iced',
    weight: 4,
    station: 'hookup',
    onset: ['cold-or-long', 'suddenly'],
    repair: { by: 'owner', steps: ['Shut the CO2 cylinder.', 'Let the regulator warm for an hour. Then draw slowly.'] },
    places: (context) => co2Regulators(context).map(placeOf),
    apply: (state, { at }) =>
      withMark(
        withRegulator(state, at, ({ setGaugePa, lockupGaugePa }) => ({
          setGaugePa: setGaugePa * FROZEN,
          lockupGaugePa: lockupGaugePa * FROZEN,
        })),
        at,
        'iced',
      ),
  },
  kink: {
    label: 'Hose kinked or crushed',
    weight: 1,
    station: 'hookup',
    onset: ['after-road', 'after-new-part', 'suddenly'],
    repair: { by: 'owner', steps: ['Shut the cylinder.', 'Lay the hose in a wide bend. Replace it if it stays flat.'] },
    places: (context) =>
      context.graph.parts.filter((part) => part.type.role === 'hose' && feedsBurner(part, context)).map(placeOf),
    apply: choke,
  },
  filter: {
    label: 'Fuel filter plugged',
    weight: 1,
    station: 'hookup',
    onset: ['slowly'],
    repair: {
      by: 'owner',
      steps: ['Shut the cylinder.', 'Replace the in-line filter, hand-tight.', 'Soap both its joints.'],
    },
    places: (context) =>
      context.graph.parts.filter((part) => part.type.role === 'filter' && feedsBurner(part, context)).map(placeOf),
    apply: choke,
  },
  oil: {
    label: 'Oil from the long hose in its regulator',
    weight: 1,
    station: 'hookup',
    onset: ['slowly'],
    repair: {
      by: 'technician',
      steps: ['Shut the cylinder.', 'Put a 15 psi regulator before a long hose.'],
      tell: 'It faded over months on a long hose at cylinder pressure. Oil is in its regulator.',
    },
    places: (context) =>
      context.appliances
        .filter((part) => part.type.appliance?.ownRegulator && hoseRunM(part, context) >= OILY_M)
        .map(placeOf),
    apply: choke,
  },
  'loose-pigtail': {
    label: 'Joint at the cylinder works loose',
    weight: 4,
    station: 'hookup',
    onset: ['after-road', 'after-refill', 'after-opening'],
    repair: { by: 'owner', steps: ['Shut the cylinder.', 'Tighten it by hand.', 'Open slowly and soap it again.'] },
    places: (context) =>
      outsideJoints(context)
        .filter(
          ({ from, verdict }) =>
            context.graph.sources.includes(from) && connections[verdict.connection].tighten === 'hand',
        )
        .map(jointPlace),
    apply: (state, { at }, context) => leakAt(state, at, LOOSE_KG_S, context),
  },
  taped: {
    label: 'Tape on a joint that seals on its faces',
    weight: 0.5,
    station: 'hookup',
    onset: ['after-new-part', 'slowly'],
    repair: {
      by: 'owner',
      steps: [
        'Shut the cylinder and burn the line down.',
        'Take it apart, clean both faces, no tape.',
        'Soap it again.',
      ],
    },
    places: (context) =>
      outsideJoints(context)
        .filter(({ verdict }) => connections[verdict.connection].sealsOn === 'face')
        .map(jointPlace),
    apply: (state, { at }, context) => leakAt(withMark(state, at, 'taped'), at, BEADS_KG_S, context),
  },
  lookalike: {
    label: 'Two threads that look alike',
    weight: 0.5,
    station: 'hookup',
    onset: ['after-new-part'],
    repair: {
      by: 'owner',
      steps: [
        'Shut the cylinder and burn the line down.',
        'Replace the part by one with the right thread.',
        'Soap it.',
      ],
    },
    places: (context) =>
      outsideJoints(context)
        .filter(({ verdict }) => connections[verdict.connection].sealsOn === 'threads')
        .map(jointPlace),
    apply: (state, { at }, context) => leakAt(withMark(state, at, 'lookalike'), at, BEADS_KG_S, context),
  },
  stem: {
    label: 'Stem of the cylinder valve leaks',
    weight: 0.5,
    station: 'cylinders',
    onset: ['after-opening', 'slowly'],
    repair: {
      by: 'technician',
      steps: ['Shut it if that stops the leak.', 'Outdoors, no flame near it. No wrench on its valve.'],
      tell: 'The stem of the cylinder valve leaks.',
    },
    places: ({ graph }) => graph.sources.filter(({ type }) => type.gas !== 'co2').map(placeOf),
    apply: (state, { at }, context) => leakAt(state, at, BEADS_KG_S, context),
  },
  vessel: {
    label: 'Cylinder or its relief valve leaks',
    weight: 1,
    station: 'cylinders',
    onset: ['suddenly', 'after-refill'],
    emergency: 'relief',
    repair: {
      by: 'technician',
      steps: ['Everybody 330 ft (100 m) away and upwind. Call 911.'],
      tell: 'The relief valve or the vessel leaks. The cylinder valve cannot stop it.',
    },
    places: ({ graph }) => graph.sources.filter(({ type }) => type.gas !== 'co2').map(placeOf),
    apply: (state, { at }) => ({
      ...state,
      leaks: [...state.leaks, { at, partId: at, place: 'relief', inside: false, massKgS: LOOSE_KG_S * 500 }],
    }),
  },
  'co2-escape': {
    label: 'CO2 bottle lets go',
    weight: 1,
    station: 'cylinders',
    onset: ['suddenly', 'after-refill'],
    emergency: 'co2',
    repair: { by: 'technician', steps: ['Everybody out into the air.'], tell: 'The CO2 bottle let its gas go.' },
    places: ({ graph }) => graph.sources.filter(({ type }) => type.gas === 'co2').map(placeOf),
    apply: (state, { at }, { graph }) => ({
      ...state,
      leaks: [
        ...state.leaks,
        {
          at,
          partId: at,
          place: 'relief',
          inside: graph.byId.get(at)?.part.place === 'inside',
          massKgS: LOOSE_KG_S * 500,
        },
      ],
    }),
  },
} as const satisfies Readonly<Record<string, FaultKind>>
