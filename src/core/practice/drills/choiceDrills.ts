import { decant } from '@/core/fill/decanting/decant'
import { between } from '@/core/math/seededRandom'
import { fromUnit } from '@/core/units/convert'
import { CUT_OFF_ALTITUDE_M } from '@/core/practice/readings/attempt'
import { badChoice, type DrillKind, said } from './drill'
import { chosen, chosenBefore } from './needs'

const pounds = (value: number): number => fromUnit(value, 'mass', 'lb')

/** A usual one-pound bottle. */
const BOTTLE = { tareKg: fromUnit(14.5, 'mass', 'oz'), waterCapacityKg: 1.107, limitKg: fromUnit(16.4, 'mass', 'oz') }

/** Drills in which the right thing is chosen, with numbers of the models. */
export const choiceDrills = {
  'decant-warm-bottle': {
    title: 'A warm bottle, and the wish to vent it',
    about: 'The bottle fills only half. Venting would fill it up.',
    station: 'fill',
    scene: ({ rig }, random) => {
      const warmK = between(random, 293, 303)
      const supplyTemperatureK = warmK - between(random, 0, 4)
      const { expectedNetKg } = decant({
        supplyTemperatureK,
        bottleTemperatureK: warmK,
        bottleTareKg: BOTTLE.tareKg,
        bottleWaterCapacityKg: BOTTLE.waterCapacityKg,
        residualKg: 0.002,
      })
      return {
        rig,
        faults: [],
        start: { people: 'outside' },
        story: [
          said('You fill a refillable bottle from a cylinder, outdoors. Both are at {warm}.', {
            warm: { value: warmK, role: 'temperature' },
          }),
          said('The hiss stops at about {net} of {limit}.', {
            net: { value: expectedNetKg, role: 'bottleMass' },
            limit: { value: BOTTLE.limitKg, role: 'bottleMass' },
          }),
        ],
        choices: [
          {
            id: 'weigh',
            label: 'Shut, take it off, weigh it',
            saw: 'The scale decides: it is not full, and it is safe.',
          },
          {
            id: 'chill',
            label: 'Chill the bottle outdoors and start again, on the scale',
            saw: 'Colder, it takes more. The scale stops you at its limit.',
          },
          { id: 'enough', label: 'Call it enough', saw: 'Half a bottle is half a bottle.' },
          badChoice(
            'vent',
            'Open its pin to let vapor out, and fill on',
            'A vented bottle fills past its limit, and gas escapes beside you.',
          ),
          badChoice('warm-supply', 'Warm the supply cylinder with hot water', 'A cylinder is never heated.'),
        ],
        needs: [
          chosen('weigh', 'The bottle was weighed.'),
          {
            text: 'Chilled and weighed, or left half full.',
            isMet: ({ chosen: all }) => all.includes('chill') || all.includes('enough'),
          },
        ],
        expert: ['Weigh', 'Chill, or call it enough'],
        reasons: [
          'Vapor that cannot condense stops the flow. A colder bottle condenses it.',
          'Only the scale shows the limit.',
        ],
        symptom: null,
      }
    },
  },
  'exchange-old-short': {
    title: 'Exchange: an old date and a short fill',
    about: 'The cage offers one cylinder. Look before you pay.',
    station: 'fill',
    scene: ({ rig }, random) => {
      const years = Math.round(between(random, 13, 17))
      const isOld = random() < 0.6
      const netKg = pounds(isOld ? 20 : between(random, 14, 15.5))
      return {
        rig,
        faults: [],
        start: { people: 'outside' },
        story: [said('The last cylinder in the cage looks new. The clerk has little time.')],
        choices: [
          {
            id: 'read-date',
            label: 'Read the date on its collar',
            saw: isOld ? `It was made ${years} years ago and has no later mark.` : 'It was made 3 years ago.',
          },
          {
            id: 'weigh',
            label: 'Weigh it and subtract its tare',
            saw: isOld
              ? 'It holds 20 lb (9.1 kg).'
              : `It holds about ${Math.round(netKg / pounds(1))} lb (${netKg.toFixed(1)} kg).`,
          },
          {
            id: 'refuse',
            label: 'Ask for another one, or go to a refill',
            saw: 'The clerk brings one that is in date.',
          },
          ...(isOld
            ? [
                badChoice(
                  'accept',
                  'Take it: it is full',
                  'It is past its date. Nobody may fill it again, and you paid for a vessel you cannot use.',
                ),
              ]
            : [{ id: 'accept', label: 'Take it, and pay for what is in it', saw: 'You know what you paid for.' }]),
        ],
        needs: [
          chosenBefore('read-date', 'accept', 'The date was read before paying.'),
          chosenBefore('weigh', 'accept', 'It was weighed before paying.'),
          isOld
            ? chosen('refuse', 'The old cylinder was refused.')
            : {
                text: 'It was taken or refused.',
                isMet: ({ chosen: all }) => all.includes('accept') || all.includes('refuse'),
              },
        ],
        expert: ['Date', 'Weight', 'Then decide'],
        reasons: ['An exchange often holds 15 lb. What is left in yours is given away.'],
        symptom: null,
      }
    },
  },
  'curtain-by-heater': {
    title: 'The curtain by the heater',
    about: 'Warm and cozy, and cloth close to the front.',
    station: 'heat',
    scene: ({ rig }, random) => {
      const gapM = fromUnit(Math.round(between(random, 4, 14)), 'length', 'in')
      return {
        rig,
        faults: [],
        start: {},
        story: [
          said('The heater burns on low. A curtain hangs {gap} in front of it. Its manual asks for {need}.', {
            gap: { value: gapM, role: 'length' },
            need: { value: fromUnit(30, 'length', 'in'), role: 'length' },
          }),
          said('A sleeping bag on the bed can slide down beside it.'),
        ],
        choices: [
          { id: 'heater-off', label: 'Heater off, let it cool', saw: 'It is off. Its guard stays hot for minutes.' },
          {
            id: 'tie-back',
            label: 'Tie the curtain back and move the bag',
            saw: 'Nothing that burns can reach the heater now.',
          },
          { id: 'measure', label: 'Measure the distance again', saw: 'It is what the manual asks for.' },
          badChoice(
            'lower',
            'Turn it lower and let the curtain hang',
            'A clearance holds for every setting. Cloth in front of a heater catches fire.',
          ),
        ],
        needs: [
          chosenBefore('heater-off', 'tie-back', 'The heater was off before anybody reached over it.'),
          chosen('tie-back', 'The cloth is out of reach.'),
          chosen('measure', 'The distance was measured.'),
          chosenBefore('tie-back', 'measure', 'It was measured after the cloth was moved.'),
        ],
        expert: ['Heater off', 'Cloth away', 'Measure'],
        reasons: ['What can move counts where it can reach: curtain, bedding, a door.'],
        symptom: null,
      }
    },
  },
  'high-camp': {
    title: 'High camp with a portable heater',
    about: 'A cold night well above 7,000 ft.',
    station: 'heat',
    scene: ({ rig }, random) => {
      const altitudeM = CUT_OFF_ALTITUDE_M + between(random, 150, 900)
      return {
        rig: { ...rig, altitudeM },
        faults: [],
        start: {},
        story: [
          said('Camp is at {altitude}. The manual of the heater ends at {limit}.', {
            altitude: { value: altitudeM, role: 'altitude' },
            limit: { value: CUT_OFF_ALTITUDE_M, role: 'altitude' },
          }),
          said('It lights, and goes out after some minutes.'),
        ],
        choices: [
          { id: 'off', label: 'Keep it off and use warm bags', saw: 'Cold, and safe.' },
          { id: 'lower-camp', label: 'Drive to a lower camp', saw: 'Two hours later it is warm.' },
          badChoice(
            'tape-sensor',
            'Tape the oxygen sensor so that it stays lit',
            'A safety is never bypassed. It goes out because the air is thin.',
          ),
          badChoice('shut-windows', 'Shut the windows to keep the heat', 'Less air is the last thing that helps here.'),
          badChoice(
            'relight',
            'Relight it each time it goes out',
            'The cut-off says the air is too thin. Relighting it is no plan.',
          ),
        ],
        needs: [
          {
            text: 'The heater is not used up here.',
            isMet: ({ chosen: all }) => all.includes('off') || all.includes('lower-camp'),
          },
        ],
        expert: ['Heater off', 'Warm bags or a lower camp'],
        reasons: ['Thin air makes a burner burn rich, long before the flame shows it.'],
        symptom: null,
      }
    },
  },
} as const satisfies Readonly<Record<string, DrillKind>>
