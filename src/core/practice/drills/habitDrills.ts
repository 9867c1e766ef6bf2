import { between } from '@/core/math/seededRandom'
import { behaviorOf } from '@/core/practice/rig/applianceBehavior'
import { roomOf } from './bench'
import { badChoice, type DrillKind, said } from './drill'
import { allOff, called, chosen } from './needs'

/** Drills about heat, air and sun, in which a habit is the danger. */
export const habitDrills = {
  'overfilled-in-sun': {
    title: 'An overfilled cylinder in the sun',
    about: 'The scale says it is well over. The day grows hot.',
    station: 'fill',
    scene: (context, random) => {
      const over = Math.round(between(random, 6, 14))
      return {
        rig: context.rig,
        faults: [],
        start: { people: 'outside' },
        story: [
          said(
            `Back from the pump you weigh the cylinder: ${over} % over its limit. It is in the sun, and it gets hot.`,
          ),
        ],
        choices: [
          {
            id: 'shade',
            label: 'Valve shut, upright in the shade, away from doors and flames',
            saw: 'It is in the shade.',
          },
          badChoice(
            'bleed',
            'Open its bleeder until it is right',
            'Liquid sprays and gas gathers. A dealer draws it down.',
          ),
          badChoice('burn', 'Burn it down on the grill', 'An overfilled cylinder sends liquid into the line.'),
          badChoice('hose-down', 'Carry it into the cool rig', 'A cylinder never comes inside.'),
        ],
        needs: [
          chosen('shade', 'It is shut and in the shade, outdoors.'),
          called('supplier', 'The dealer is called to draw it down.'),
        ],
        expert: ['Shade, upright, shut', 'Call the dealer'],
        reasons: ['Liquid grows in the heat. When it fills the vessel the relief valve opens.'],
        symptom: null,
      }
    },
  },
  'cooktop-as-heater': {
    title: 'The cooktop as heater',
    about: 'The furnace is out. It is cold. The cooktop is lit.',
    station: 'heat',
    sheet: 'co',
    scene: (context, random) => {
      const stove = context.appliances.find(
        (part) => behaviorOf(context.rig, part).lights === 'lighter' && part.part.place === 'inside',
      )
      if (!stove) return null
      const rig = { ...context.rig, outsideK: between(random, 255, 268) }
      return {
        rig,
        faults: [],
        start: { lit: [stove.part.id], open: { [stove.part.id]: 0.3 }, roomK: 284 },
        story: [
          said('It is {outside} outside and the heater does not work. Somebody has lit {stove} to warm the room.', {
            outside: { value: rig.outsideK, role: 'temperature' },
            stove: stove.name,
          }),
          said('Everybody is tired and the beds are made.'),
        ],
        choices: [
          { id: 'warm-bags', label: 'Warm clothes, sleeping bags, all in one room', saw: 'It is bearable.' },
          badChoice(
            'leave-on',
            'Keep it on low for the night',
            'A cooking flame overnight uses the air and makes carbon monoxide.',
          ),
        ],
        needs: [allOff, chosen('warm-bags', 'People are warm without a flame.')],
        expert: ['Cooktop off', 'Warm clothes and bags', 'Find the fault of the heater by day'],
        reasons: ['A cooktop is made to be watched for minutes. It has no cut-off and no flue.'],
        symptom: null,
      }
    },
  },
  'radiant-in-small-room': {
    title: 'A heater without a flue before sleep',
    about: 'Windows shut, heater on, everybody yawns.',
    station: 'heat',
    sheet: 'co',
    deeds: ['sleep', 'opening'],
    scene: (context, random) => {
      const heater = context.appliances.find(
        (part) => behaviorOf(context.rig, part).hasOxygenCutOff && part.part.place === 'inside',
      )
      const openings = roomOf(context.rig).openings
      if (!heater || openings.length < 2) return null
      const rig = { ...context.rig, outsideK: between(random, 262, 276) }
      return {
        rig,
        faults: [],
        start: { lit: [heater.part.id], open: { [heater.part.id]: 1 }, roomK: between(random, 288, 293) },
        story: [
          said('{heater} is on high and all windows are shut. It is {outside} outside. It is late.', {
            heater: heater.name,
            outside: { value: rig.outsideK, role: 'temperature' },
          }),
        ],
        choices: [],
        needs: [
          allOff,
          {
            text: 'Everybody has slept, with the flame out.',
            isMet: ({ log }) => log.some(({ action }) => action.do === 'sleep'),
          },
        ],
        expert: ['Heater off', 'Sleep'],
        reasons: [
          'Nobody sleeps with an open flame, cut-off or not.',
          'While it burns, two openings stay open as its manual says.',
        ],
        symptom: null,
      }
    },
  },
} as const satisfies Readonly<Record<string, DrillKind>>
