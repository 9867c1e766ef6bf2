import { applianceTraits } from '@/core/appliances/applianceKinds'
import type { PartType } from '@/core/hookup/catalogue/partType'
import { applianceInputW, type GraphPart } from '@/core/hookup/line/lineGraph'
import { fromUnit } from '@/core/units/convert'
import { LOW_GAUGE_PA, lineReading } from '@/core/practice/readings/lineReading'
import { CUT_OFF_ALTITUDE_M } from '@/core/practice/readings/attempt'
import { type ApplianceBehavior, behaviorOf, kindOfPart, needsBattery } from '@/core/practice/rig/applianceBehavior'
import { type Mark, type RigState, withMark, withPart, stateGraph } from '@/core/practice/rig/rigState'
import { type FaultContext, type FaultKind, type FaultPlace, placeOf } from './faultKind'
import { narrow } from './restriction'

const having =
  (trait: (behavior: ApplianceBehavior) => boolean) =>
  ({ rig, appliances }: FaultContext): FaultPlace[] =>
    appliances.filter((part) => trait(behaviorOf(rig, part))).map(placeOf)

const marking =
  (mark: Mark) =>
  (state: RigState, { at }: FaultPlace): RigState =>
    withMark(state, at, mark)

/** Share of its heat that a plugged orifice passes. [common practice] */
const PLUGGED_SHARE = 0.35

/** What a regulator of a portable needs before it. [common practice] */
const OWN_REGULATOR_NEED_PA = fromUnit(5, 'gaugePressure', 'psi')

/** Charge of a flat battery. */
const FLAT_SHARE = 0.02

/** Oxygen of a closed room in which a cut-off has shut the gas. */
const LOW_OXYGEN = 0.178

const isOnLowPressure = ({ zones }: FaultContext, { part }: GraphPart): boolean => zones.get(part.id)?.inlet === 'low'

/** The appliance with a regulator of its own on a line that is regulated already. */
function withExtraRegulator(state: RigState, partId: string): RigState {
  const { type } = stateGraph(state).byId.get(partId) ?? {}
  if (!type?.appliance) return state
  const id = `faulty ${partId}`.slice(0, 64)
  const regulator: NonNullable<PartType['regulator']> = {
    setGaugePa: LOW_GAUGE_PA,
    lockupGaugePa: LOW_GAUGE_PA,
    ratedW: null,
    minInletGaugePa: OWN_REGULATOR_NEED_PA,
    outlet: 'low',
  }
  const typed = { ...state, line: { ...state.line, types: [...state.line.types, { ...type, id, regulator }] } }
  return withMark(withPart(typed, partId, { typeId: id }), partId, 'extra-regulator')
}

/** Faults of appliances, of what lights them, and of the air around them. */
export const applianceFaults = {
  orifice: {
    label: 'Orifice or its inside filter plugged',
    weight: 2,
    station: 'run',
    onset: ['slowly', 'after-storage'],
    repair: {
      by: 'technician',
      steps: ['Shut its branch.', 'Its orifice and inside filter are not the owner’s to open.'],
      tell: 'This appliance is weak while the pressure at the port is right.',
    },
    places: ({ appliances }) => appliances.map(placeOf),
    apply: (state, { at }, { graph }) => {
      const part = graph.byId.get(at)
      const inletGaugePa = lineReading(state, {}).parts.get(at)?.staticGaugePa ?? 0
      return part && inletGaugePa > 0 ? narrow(state, at, applianceInputW(part) * PLUGGED_SHARE, inletGaugePa) : state
    },
  },
  'second-regulator': {
    label: 'A second regulator after the first',
    weight: 1,
    station: 'hookup',
    onset: ['after-new-part'],
    repair: {
      by: 'owner',
      steps: ['Shut the cylinder.', 'Feed it before the low-pressure regulator, as its manual shows.'],
    },
    places: (context) =>
      context.appliances
        .filter(
          (part) =>
            isOnLowPressure(context, part) && applianceTraits[kindOfPart(context.rig, part)].stands === 'outside',
        )
        .map(placeOf),
    apply: (state, { at }) => withExtraRegulator(state, at),
  },
  'wrong-orifice': {
    label: 'Orifice made for another gas',
    weight: 1,
    station: 'heat',
    onset: ['after-new-part'],
    repair: {
      by: 'technician',
      steps: ['Turn it off and keep it off.'],
      tell: 'Its flame is yellow since it was put in. Check its orifice and its gas.',
    },
    places: ({ appliances }) => appliances.map(placeOf),
    apply: marking('wrong-orifice'),
  },
  nest: {
    label: 'Insects or dirt in the burner',
    weight: 2,
    station: 'heat',
    onset: ['after-storage'],
    repair: {
      by: 'technician',
      steps: ['Turn it off and keep it off.', 'Look in from outside with a flashlight.'],
      tell: 'It pops and burns yellow since it was stored. Clean its burner tube.',
    },
    places: having(({ hasOutsideBurner }) => hasOutsideBurner),
    apply: marking('nest'),
  },
  'flue-blocked': {
    label: 'Air intake or exhaust blocked',
    weight: 1,
    station: 'heat',
    onset: ['after-storage', 'rain', 'suddenly'],
    emergency: 'co',
    repair: {
      by: 'technician',
      steps: ['Everybody out into fresh air.', 'Keep it off.'],
      tell: 'Its exhaust or intake is blocked. It burned yellow and made soot.',
    },
    places: having(({ hasFlue }) => hasFlue),
    apply: marking('flue-blocked'),
  },
  igniter: {
    label: 'Igniter or its fuse dead',
    weight: 4,
    station: 'run',
    onset: ['suddenly', 'rain', 'after-storage'],
    repair: {
      by: 'owner',
      steps: ['Replace its fuse or the battery of its spark.', 'Light it by hand only where its manual shows it.'],
    },
    places: having(({ lights }) => lights !== 'lighter'),
    apply: marking('igniter-dead'),
  },
  battery: {
    label: '12 V battery flat',
    weight: 6,
    station: 'run',
    onset: ['cold-or-long', 'suddenly'],
    repair: { by: 'owner', steps: ['Charge the battery, or plug in.', 'Then start the furnace again.'] },
    places: ({ rig, appliances }) => {
      const [first] = appliances.filter((part) => needsBattery(rig, part))
      return first ? [{ ...placeOf(first), at: 'battery', name: 'the rig' }] : []
    },
    apply: (state) => ({ ...state, batteryShare: FLAT_SHARE }),
  },
  'sensor-dirty': {
    label: 'Pilot sensor dirty or worn',
    weight: 2,
    station: 'run',
    onset: ['slowly', 'after-storage', 'suddenly'],
    repair: {
      by: 'technician',
      steps: ['Turn its knob off. Two tries are enough.'],
      tell: 'Its pilot goes out when the knob is let go, also after 60 seconds.',
    },
    places: having(({ hasPilotSensor }) => hasPilotSensor),
    apply: marking('sensor-dirty'),
  },
  'held-short': {
    label: 'Knob held too short',
    weight: 2,
    station: 'run',
    onset: ['after-storage', 'after-refill', 'suddenly'],
    isNormal: true,
    repair: { by: 'owner', steps: ['Hold the knob in for 60 seconds after the pilot lights.'] },
    places: having(({ hasPilotSensor }) => hasPilotSensor),
    apply: marking('held-short'),
  },
  altitude: {
    label: 'Too high for its oxygen cut-off',
    weight: 1,
    station: 'heat',
    onset: ['suddenly', 'cold-or-long'],
    repair: {
      by: 'owner',
      steps: ['Turn it off. Above its altitude it is not for use.', 'Heat with a vented furnace, or camp lower.'],
    },
    places: (context) =>
      context.rig.altitudeM > CUT_OFF_ALTITUDE_M ? having(({ hasOxygenCutOff }) => hasOxygenCutOff)(context) : [],
    apply: marking('thin-air'),
  },
  'low-oxygen': {
    label: 'Oxygen low in a closed room',
    weight: 1,
    station: 'heat',
    onset: ['cold-or-long'],
    emergency: 'co',
    repair: {
      by: 'owner',
      steps: ['Everybody out into the air.', 'Do not relight it. Open what the manual asks for before it burns again.'],
    },
    places: (context) => {
      const [first] = having(({ hasOxygenCutOff }) => hasOxygenCutOff)(context)
      return first ? [first] : []
    },
    apply: (state) => ({ ...state, oxygenShare: LOW_OXYGEN }),
  },
  'unlit-burner': {
    label: 'Burner or pilot open and unlit',
    weight: 1,
    station: 'run',
    onset: ['after-refill', 'suddenly'],
    emergency: 'gas',
    repair: { by: 'owner', steps: ['Everybody out. After airing, shut its knob.'] },
    places: ({ appliances }) => appliances.filter(({ part }) => part.place === 'inside').map(placeOf),
    apply: marking('unlit-open'),
  },
  wait: {
    label: 'Cold line: it needs two minutes',
    weight: 2,
    station: 'run',
    onset: ['after-opening', 'after-storage'],
    isNormal: true,
    repair: { by: 'owner', steps: ['Wait two minutes with its knob or switch on.'] },
    places: having(({ waitS }) => waitS > 0),
    apply: marking('cold-start'),
  },
  'alarm-battery': {
    label: 'Battery of the alarm low',
    weight: 2,
    station: 'cylinders',
    onset: ['suddenly', 'cold-or-long'],
    repair: { by: 'owner', steps: ['Put in a new battery.', 'Press its test button.'] },
    places: () => [{ at: 'alarm', partId: 'alarm', name: 'alarm' }],
    apply: (state) => ({ ...state, alarmChirps: 'battery' }),
  },
  'alarm-old': {
    label: 'Alarm at the end of its life',
    weight: 1,
    station: 'cylinders',
    onset: ['suddenly'],
    repair: { by: 'owner', steps: ['Replace the alarm. Enter its new date.'] },
    places: () => [{ at: 'alarm', partId: 'alarm', name: 'alarm' }],
    apply: (state) => ({ ...state, alarmChirps: 'end-of-life' }),
  },
} as const satisfies Readonly<Record<string, FaultKind>>
