import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { fromUnit } from '@/core/units/convert'
import { type GraphPart, applianceInputW } from '@/core/hookup/line/lineGraph'
import { changeoverStates } from '@/core/hookup/line/changeoverSides'
import { boilingTemperatureK } from '@/core/vaporization/propaneSaturationTable'
import { unusableMassKg } from '@/core/vaporization/cylinderThermalState'
import { vaporization } from '@/core/vaporization/vaporization'
import { limitOf, practiceCylinder } from '@/core/practice/rig/practiceRig'
import { behaviorOf } from '@/core/practice/rig/applianceBehavior'
import {
  hasHandWheel,
  type RigState,
  sourceGaugePa,
  sourcesInUse,
  thermalOf,
  withMark,
  withPart,
  withSource,
  stateGraph,
} from '@/core/practice/rig/rigState'
import { type FaultContext, type FaultKind, type FaultPlace, placeOf } from './faultKind'
import { narrow } from './restriction'

const inUse = ({ graph }: FaultContext): GraphPart[] => sourcesInUse(graph)

const isPropane = ({ type }: GraphPart): boolean => type.gas !== 'co2'

/** Cylinders whose outlet is a hand-wheel: these carry the flow limiter. */
const handWheeled = (context: FaultContext): GraphPart[] => inUse(context).filter(hasHandWheel)

const isPropaneCylinder = (part: GraphPart): boolean => part.type.role === 'cylinder' && isPropane(part)

/** Contents of an overfilled cylinder over its limit. [common practice] */
const OVERFILLED = 1.15

/** Flow that a tripped limiter still lets through: half a burner. [common practice] */
const LIMITED_W = fromUnit(3500, 'power', 'btuh')

/** Air that a line holds after a refill or a new joint, at the pressure of the air. [common practice] */
const LINE_AIR_M3 = 0.002

/** Pressure in a cylinder that a long draw has chilled: under what its regulator needs. [common practice] */
const COLD_GAUGE_PA = fromUnit(1.5, 'gaugePressure', 'psi')

/** What is left in a CO2 cylinder that gives nothing more. */
const CO2_LEFT_KG = 0.05

/** Gas at which a cylinder is empty: no more than the pressure of the air. */
function emptied(state: RigState, partId: string): RigState {
  const isCo2 = stateGraph(state).byId.get(partId)?.type.gas === 'co2'
  if (isCo2) return withSource(state, partId, { massKg: CO2_LEFT_KG })
  const massKg = unusableMassKg(thermalOf(state, partId), standardAtmospherePa(state.rig.altitudeM))
  return withSource(state, partId, { massKg, liquidK: state.rig.outsideK })
}

/** All cylinders of a changeover that draws from both count as one place. */
function groupPlace(sources: readonly GraphPart[]): FaultPlace[] {
  const [first] = sources
  if (!first) return []
  return [{ at: first.part.id, partId: first.part.id, name: sources.map(({ name }) => name).join(' and ') }]
}

/** Whether the weather and the burners can chill a half-full cylinder below what its regulator needs. */
function canChill({ rig, graph, appliances }: FaultContext): boolean {
  const wantedW = appliances.reduce((sum, part) => sum + applianceInputW(part), 0)
  return graph.sources.filter(isPropane).some(({ part }) => {
    const { waterCapacityKg, stands } = practiceCylinder(rig, part.id)
    const liquidKg = limitOf(rig, part.id) / 3
    const need = { minimumGaugePa: fromUnit(10, 'gaugePressure', 'psi'), site: 'locker' as const }
    const air = { airTemperatureK: rig.outsideK, windMS: 0, altitudeM: rig.altitudeM }
    return vaporization({ vessel: { waterCapacityKg, stands }, liquidKg, ...need, ...air }).continuousW < wantedW
  })
}

/** Faults of cylinders, their valves, and what sits at them. */
export const supplyFaults = {
  'valve-shut': {
    label: 'Cylinder valve shut',
    weight: 6,
    station: 'cylinders',
    onset: ['after-refill', 'after-storage', 'after-opening'],
    repair: { by: 'owner', steps: ['Open the valve slowly, counterclockwise, all the way.'] },
    places: (context) => groupPlace(inUse(context)),
    apply: (state, _, context) =>
      inUse(context).reduce((shut, { part }) => withPart(shut, part.id, { setting: 'shut' }), state),
  },
  unseated: {
    label: 'Hand-wheel not seated',
    weight: 2,
    station: 'hookup',
    onset: ['after-refill', 'after-opening'],
    repair: {
      by: 'owner',
      steps: ['Shut the valve.', 'Turn the hand-wheel clockwise until it stops, by hand.', 'Open slowly. Soap it.'],
    },
    places: (context) => handWheeled(context).flatMap(({ outOf }) => outOf.map(({ to }) => placeOf(to))),
    // An automatic changeover would hide it: the other side gave out before.
    apply: (state, { at }, context) => {
      const source = context.graph.byId.get(at)?.into[0]?.from
      const others = inUse(context).filter((one) => one !== source)
      const othersEmpty = others.reduce((left, { part }) => emptied(left, part.id), state)
      return withMark(withPart(othersEmpty, at, { setting: 'shut' }), at, 'unseated')
    },
  },
  empty: {
    label: 'Cylinder in use empty',
    weight: 14,
    station: 'cylinders',
    onset: ['suddenly', 'slowly', 'cold-or-long'],
    repair: {
      by: 'owner',
      steps: ['Turn the lever to the full cylinder, or swap the cylinder.', 'Relight every pilot.'],
    },
    places: (context) => groupPlace(inUse(context)),
    apply: (state, _, context) => inUse(context).reduce((empty, { part }) => emptied(empty, part.id), state),
  },
  lever: {
    label: 'Changeover lever at the empty side',
    weight: 9,
    station: 'hookup',
    onset: ['after-refill', 'suddenly', 'after-opening'],
    repair: {
      by: 'owner',
      steps: ['Open the full cylinder slowly.', 'Turn the lever so that its arrow shows that side.'],
    },
    places: ({ graph }) =>
      changeoverStates(graph, undefined)
        .filter(({ sides, lever }) => sides.length === 2 && lever !== 'both')
        .map(({ changeover }) => placeOf(changeover)),
    apply: (state, { at }, { graph }) => {
      const found = changeoverStates(graph, undefined).find(({ changeover }) => changeover.part.id === at)
      const lever = found?.lever === 'right' ? 'right' : 'left'
      const empty = found?.sides.find(({ side }) => side === lever)
      return empty ? emptied(withPart(state, at, { lever }), empty.cylinder.part.id) : state
    },
  },
  limiter: {
    label: 'Flow limiter tripped',
    weight: 9,
    station: 'hookup',
    onset: ['after-opening', 'after-refill'],
    repair: {
      by: 'owner',
      steps: [
        'All appliances off.',
        'Shut the cylinder valve and wait 2 minutes.',
        'Open it slowly, a little at first.',
      ],
    },
    places: (context) => groupPlace(handWheeled(context)),
    apply: (state, _, context) =>
      handWheeled(context).reduce((slow, source) => {
        const gaugePa = sourceGaugePa(slow, source)
        return gaugePa > 0 ? narrow(slow, source.part.id, LIMITED_W, gaugePa) : slow
      }, state),
  },
  'auto-shutoff': {
    label: 'Automatic shut-off not primed',
    weight: 3,
    station: 'hookup',
    onset: ['after-opening', 'after-refill'],
    repair: { by: 'owner', steps: ['Cylinder valve open.', 'Press the gauge of the shut-off 4 to 6 times.'] },
    places: ({ graph }) => graph.parts.filter(({ type }) => type.role === 'shut-off').map(placeOf),
    apply: (state, { at }) => withPart(state, at, { setting: 'shut' }),
  },
  branch: {
    label: 'Valve of a branch shut',
    weight: 4,
    station: 'hookup',
    onset: ['after-storage', 'after-road', 'after-opening'],
    repair: { by: 'owner', steps: ['Its appliances off.', 'Open this valve all the way.'] },
    places: ({ graph }) =>
      graph.parts.filter(({ type }) => type.role === 'valve' || type.role === 'quick').map(placeOf),
    apply: (state, { at }) => withPart(state, at, { setting: 'shut' }),
  },
  mode: {
    label: 'Switch at electric or off',
    weight: 3,
    station: 'run',
    onset: ['after-storage', 'suddenly'],
    repair: { by: 'owner', steps: ['Set its switch to gas.'] },
    places: ({ rig, appliances }) => appliances.filter((part) => behaviorOf(rig, part).hasEnergyMode).map(placeOf),
    apply: (state, { at }) => withMark(state, at, 'electric-mode'),
  },
  air: {
    label: 'Air in the line',
    weight: 5,
    station: 'hookup',
    onset: ['after-refill', 'after-new-part', 'after-storage'],
    repair: {
      by: 'owner',
      steps: ['Light one cooktop burner with a lighter at the burner, up to 3 minutes.', 'Then light the others.'],
    },
    places: (context) => groupPlace(inUse(context).filter(isPropane)),
    apply: (state) => ({ ...state, airInLineM3: LINE_AIR_M3 }),
  },
  unpurged: {
    label: 'New cylinder never purged',
    weight: 1,
    station: 'cylinders',
    onset: ['after-refill', 'after-new-part'],
    repair: {
      by: 'technician',
      steps: ['Shut the cylinder.', 'Use another cylinder.'],
      tell: 'The cylinder was new and was filled without being purged. It needs to be purged by the filler.',
    },
    places: (context) => groupPlace(inUse(context).filter(isPropaneCylinder)),
    apply: (state, _, context) =>
      inUse(context).reduce((mixed, { part }) => withSource(mixed, part.id, { holdsAir: true }), state),
  },
  cold: {
    label: 'Cylinder too cold to give gas',
    weight: 5,
    station: 'run',
    onset: ['cold-or-long'],
    repair: {
      by: 'owner',
      steps: ['Turn off what you can.', 'Use a fuller cylinder, or open both.', 'Never heat a cylinder.'],
    },
    places: (context) => (canChill(context) ? groupPlace(inUse(context).filter(isPropane)) : []),
    apply: (state, _, context) =>
      inUse(context).reduce((cold, { part }) => {
        const liquidK = boilingTemperatureK(standardAtmospherePa(state.rig.altitudeM) + COLD_GAUGE_PA)
        return withSource(cold, part.id, { liquidK: Math.min(liquidK, state.rig.outsideK) })
      }, state),
  },
  tipped: {
    label: 'Cylinder tipped: liquid in the line',
    weight: 0.5,
    station: 'cylinders',
    onset: ['after-road', 'after-refill'],
    repair: {
      by: 'owner',
      steps: ['Shut the cylinder.', 'Stand it upright and hold it fast.', 'Wait 30 minutes, then open slowly.'],
    },
    places: (context) => groupPlace(inUse(context).filter(isPropaneCylinder)),
    apply: (state, _, context) =>
      inUse(context).reduce((lying, { part }) => withSource(lying, part.id, { isTipped: true }), state),
  },
  overfilled: {
    label: 'Cylinder overfilled: liquid in the line',
    weight: 0.5,
    station: 'cylinders',
    onset: ['after-refill'],
    repair: {
      by: 'technician',
      steps: ['Shut it. Outdoors, in the shade, upright.', 'Do not burn it down and do not bleed it.'],
      tell: 'The cylinder is overfilled. A dealer has to draw it down.',
    },
    places: (context) => groupPlace(inUse(context).filter(isPropaneCylinder)),
    apply: (state, _, context) =>
      inUse(context).reduce((over, { part }) => {
        const massKg = limitOf(state.rig, part.id) * OVERFILLED
        return withSource(over, part.id, { massKg, isTipped: true })
      }, state),
  },
} as const satisfies Readonly<Record<string, FaultKind>>
