import { MOLAR_GAS_J_PER_MOLK, standardAtmospherePa } from '@/core/fluids/atmosphere'
import { MOLAR_KG } from '@/core/heat/air/combustion'
import { roomVolumeM3 } from '@/core/heat/room/roomGeometry'
import { between, pick } from '@/core/math/seededRandom'
import { behaviorOf } from '@/core/practice/rig/applianceBehavior'
import type { FaultContext } from '@/core/practice/faults/faultKind'
import { type Fault, faultKinds, type FaultKindId } from '@/core/practice/faults/faults'
import { type Leak, soundState, withMark } from '@/core/practice/rig/rigState'
import { roomOf } from './bench'
import { badChoice, type DrillKind, said } from './drill'
import { called, called911, chosen, everybodyAway, everybodyOut, gasShut } from './needs'

/** Temperature of a rig in use. */
const ROOM_K = 291

/** Propane in the room for a share of its lower flammable limit near the floor. */
function gasFor({ rig }: FaultContext, share: number): number {
  const lowM3 = roomVolumeM3(roomOf(rig)) * 0.2
  return (
    (share * 0.021 * lowM3 * standardAtmospherePa(rig.altitudeM) * MOLAR_KG.propane) / (MOLAR_GAS_J_PER_MOLK * ROOM_K)
  )
}

/** A leak inside, at a joint there or at an appliance. */
function leakInside({ graph }: FaultContext, massKgS: number): Leak | null {
  const joint = graph.joints.find(({ to }) => to.part.place === 'inside')
  if (!joint) return null
  return { at: joint.joint.id, partId: joint.from.part.id, place: 'joint', inside: true, massKgS }
}

/** A leak inside that fills the low part of the room: its rate, kg/s. [common practice: 60 to 150 g/h] */
const LEAK_KG_S = { low: 60e-3 / 3600, high: 150e-3 / 3600 }

const firstFault = (context: FaultContext, kind: FaultKindId): Fault | null => {
  const [place] = faultKinds[kind].places(context)
  return place ? { kind, place } : null
}

const airedByHand = badChoice(
  'fan',
  'Turn the roof fan on to blow the gas out',
  'A fan motor sparks. Doors are opened on the way out, and nothing is switched.',
)

/** Drills in which people have to leave, and nothing is searched for. */
export const emergencyDrills = {
  'gas-alarm-driving': {
    title: 'Gas alarm while driving',
    about: 'The alarm near the floor sounds at 55 mph.',
    station: 'trip',
    sheet: 'driving',
    deeds: ['stop-rig', 'engine-off', 'drive', 'switch'],
    scene: (context, random) => {
      const leak = leakInside(context, between(random, LEAK_KG_S.low, LEAK_KG_S.high))
      if (!leak) return null
      const miles = Math.round(between(random, 3, 40))
      return {
        rig: context.rig,
        faults: [],
        start: {
          rig: { ...soundState(context.rig), leaks: [leak] },
          gasInsideKg: gasFor(context, between(random, 0.25, 0.7)),
          isDriving: true,
          isEngineOn: true,
        },
        story: [said(`You drive. The gas alarm near the floor sounds. The next town is ${miles} miles away.`)],
        choices: [airedByHand],
        needs: [
          { text: 'The rig is off the road.', isMet: ({ isDriving }) => !isDriving },
          { text: 'The engine is off.', isMet: ({ isEngineOn }) => !isEngineOn },
          everybodyAway,
          called911,
        ],
        expert: [
          'Pull off, away from people and low ground',
          'Engine off, no other switch',
          'Everybody out, 330 ft upwind',
          'Call 911 from there',
        ],
        reasons: [
          'The engine and every switch make sparks.',
          'Propane sinks and pools, so the low ground beside the road is no place to wait.',
        ],
        symptom: null,
      }
    },
  },
  'alarm-asleep': {
    title: 'Low alarm while everybody sleeps',
    about: 'The gas alarm at the floor wakes you.',
    station: 'trip',
    sheet: 'gas',
    deeds: ['switch'],
    scene: (context, random) => {
      const leak = leakInside(context, between(random, LEAK_KG_S.low, LEAK_KG_S.high))
      if (!leak) return null
      return {
        rig: context.rig,
        faults: [],
        start: {
          rig: { ...soundState(context.rig), leaks: [leak] },
          gasInsideKg: gasFor(context, between(random, 0.25, 0.6)),
        },
        story: [said('It is dark. The gas alarm at the floor wakes you. The light switch is beside the bed.')],
        choices: [
          airedByHand,
          badChoice(
            'look-inside',
            'Look for the leak inside with a flashlight first',
            'Nobody searches in gas. Everybody goes out first.',
          ),
        ],
        needs: [everybodyOut, gasShut, called911],
        expert: ['Everybody out, no switch', 'Shut the cylinder from outside', 'Upwind, and call 911 from there'],
        reasons: ['A light switch is a spark.', 'The valve is outside, so it is shut from there.'],
        symptom: null,
      }
    },
  },
  'co-alarm': {
    title: 'Four beeps and a pause',
    about: 'The CO alarm sounds, and one of you has a headache.',
    station: 'heat',
    sheet: 'co',
    scene: (context, random) => {
      const fault = firstFault(context, 'flue-blocked')
      if (!fault) return null
      const who = pick(random, ['One of you', 'The child', 'Your guest'])
      return {
        rig: context.rig,
        faults: [fault],
        start: { fumesS: 900, lit: [fault.place.at], open: { [fault.place.at]: 1 } },
        story: [said(`An alarm sounds: four beeps, a pause, four beeps. ${who} has a headache.`)],
        choices: [
          badChoice(
            'silence',
            'Press its button and see if it sounds again',
            'A CO alarm is not tried out with people inside.',
          ),
          badChoice(
            'open-window',
            'Open a window and stay',
            'A window is not enough. Nobody stays where a CO alarm sounds.',
          ),
        ],
        needs: [everybodyOut, called911],
        expert: ['Everybody out into fresh air', 'Count heads', 'Call 911 and say carbon monoxide'],
        reasons: [
          'CO has no smell. People who breathe it stop thinking clearly.',
          'A headache is checked even if it gets better.',
        ],
        symptom: null,
      }
    },
  },
  'burning-joint': {
    title: 'A joint burns',
    about: 'A joint on the tongue is on fire.',
    station: 'leak-test',
    sheet: 'joint',
    scene: (context, random) => {
      const canReach = random() < 0.5
      const fault = firstFault(context, 'loose-pigtail')
      if (!fault) return null
      return {
        rig: context.rig,
        faults: [fault],
        start: { people: 'outside' },
        story: [
          said('At {joint} a blue flame burns, as long as a hand.', { joint: fault.place.name }),
          said(canReach ? 'The valve is a long way from the flame.' : 'The flame is right in front of the valve.'),
        ],
        choices: [
          badChoice(
            'extinguish',
            'Put the flame out with the extinguisher',
            'Gas that does not burn gathers and explodes. Shut the gas, or let it burn.',
          ),
          ...(canReach
            ? []
            : [
                badChoice(
                  'reach-over',
                  'Reach over the flame to the valve',
                  'Nobody reaches over burning gas. Let it burn, go away, call 911.',
                ),
              ]),
        ],
        needs: canReach ? [gasShut] : [everybodyAway, called911],
        expert: canReach ? ['Shut the valve: the flame dies'] : ['Everybody away', 'Call 911', 'Let it burn'],
        reasons: ['A flame that burns uses up its gas. Put out, the gas spreads.'],
        symptom: null,
      }
    },
  },
  'hiss-after-disconnect': {
    title: 'It hisses after you disconnect',
    about: 'The cylinder is off its pigtail. It goes on hissing.',
    station: 'hookup',
    sheet: 'relief',
    scene: (context, random) => {
      const isPuff = random() < 0.35
      const fault = firstFault(context, 'vessel')
      if (!fault) return null
      return {
        rig: context.rig,
        faults: isPuff ? [] : [fault],
        start: { people: 'outside' },
        story: [
          said('You shut the valve and take the pigtail off.'),
          said(
            isPuff
              ? 'A short puff comes out.'
              : 'It hisses, and frost forms at the valve. A minute later it still hisses.',
          ),
        ],
        choices: [
          badChoice('tap', 'Tap the relief valve', 'A tapped relief valve can open wide.'),
          {
            id: 'plug',
            label: 'Put the plug or cap on the valve',
            saw: isPuff ? 'It is on.' : 'It still hisses beside the plug.',
          },
        ],
        needs: isPuff ? [chosen('plug', 'The plug is on.')] : [everybodyAway, called911],
        expert: isPuff
          ? ['A puff is normal: put the plug on']
          : ['Everybody 330 ft away, upwind', 'Call 911 from there'],
        reasons: ['A puff is what was in the pigtail. A hiss that stays is the vessel, and no tool stops it.'],
        symptom: null,
      }
    },
  },
  'back-from-refill': {
    title: 'Back from a refill, and one pilot was missed',
    about: 'You relit everything. Or almost everything.',
    station: 'fill',
    sheet: 'gas',
    deeds: ['switch'],
    scene: (context, random) => {
      const open = context.appliances.filter(
        (part) => part.part.place === 'inside' && behaviorOf(context.rig, part).lights === 'lighter',
      )
      const [first, ...rest] = open
      if (!first) return null
      const missed = pick(random, [first, ...rest])
      return {
        rig: context.rig,
        faults: [],
        start: {
          // Air is left in the line, so that not every burner lights at once.
          rig: {
            ...withMark(soundState(context.rig), missed.part.id, 'unlit-open'),
            airInLineM3: between(random, 0, 0.002),
          },
          open: { [missed.part.id]: 0.1 },
          gasInsideKg: gasFor(context, between(random, 0.1, 0.3)),
        },
        story: [said('You come back from a refill and relight the pilots. A minute later it smells near the floor.')],
        choices: [airedByHand],
        needs: [everybodyOut, gasShut, called('911', '911 has been called.')],
        expert: [
          'Everybody out, no flame, no switch',
          'Shut the cylinder from outside',
          'Call 911. Later, aired: count every pilot',
        ],
        reasons: [
          'A pilot or knob left open lets gas out unburned.',
          'Count the pilots before the cylinder is opened, and again after.',
        ],
        symptom: null,
      }
    },
  },
  'co2-hiss': {
    title: 'The CO2 bottle hisses in the rig',
    about: 'A loud hiss under the counter. Somebody is still inside.',
    station: 'cylinders',
    sheet: 'co2',
    scene: (context, random) => {
      const isSomebodyIn = random() < 0.6
      return {
        rig: context.rig,
        faults: [],
        start: { co2InsideKg: between(random, 0.9, 2.2) },
        story: [
          said('It hisses loudly under the counter, and white fog runs along the floor. You breathe fast.'),
          said(isSomebodyIn ? 'When you are out, one of you is missing.' : 'Everybody is awake.'),
        ],
        choices: isSomebodyIn
          ? [
              badChoice(
                'fetch',
                'Go in and fetch them',
                'Who goes in without air goes down too. Open doors from outside and call 911.',
              ),
            ]
          : [badChoice('carry-out', 'Carry the hissing bottle out', 'Nobody stays in the gas to carry a bottle.')],
        needs: [everybodyOut, called911],
        expert: ['Everybody out', 'Open doors and hatches from outside', 'Call 911'],
        reasons: ['CO2 has no smell. At 4 % a person has minutes, at 10 % moments.'],
        symptom: null,
      }
    },
  },
} as const satisfies Readonly<Record<string, DrillKind>>
