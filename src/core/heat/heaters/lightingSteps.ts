import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import type { Heater } from './heater'

export const heaterProcedures = ['light', 'stop', 'tip', 'first-look'] as const

export type HeaterProcedure = (typeof heaterProcedures)[number]

export const procedureLabels: Readonly<Record<HeaterProcedure, string>> = {
  light: 'Light it',
  stop: 'Stop it',
  tip: 'Tip test',
  'first-look': 'Before the season',
}

const manual = step(
  'manual',
  'Its manual',
  'read the page on lighting of this heater',
  'Knobs, times and pilots differ. Where it says otherwise, it is right and this is not.',
)

function light({ bottleOn, kind, vented }: Heater): ProcedureStep[] {
  if (vented) {
    return [
      manual,
      step(
        'vents',
        'Vents outside',
        'free of nests, snow and stored gear',
        'Its fumes leave there and its air comes in.',
        {
          holds: true,
        },
      ),
      step('alarm', 'CO alarm', 'press its test button', 'A cracked chamber lets fumes into the ducts.', {
        holds: true,
      }),
      step(
        'cooktop',
        'A cooktop burner first',
        'until it burns steady, then off',
        'It clears the air out of a cold line.',
      ),
      step('thermostat', 'Thermostat up', 'blower, then spark, then flame', 'It tries by itself, some three times.'),
    ]
  }
  return [
    manual,
    step(
      'alarm',
      'CO alarm',
      'press its test button, hang it at sleeping height',
      'No sum and no nose tells of carbon monoxide.',
      {
        holds: true,
      },
    ),
    step('open', 'Openings', 'open as Heat & air says, in two places', 'It burns the air of the room.', {
      holds: true,
    }),
    step(
      'clear',
      'Distances',
      'nothing that burns within them; curtains tied, bedding away',
      'What chars today burns tomorrow.',
      {
        holds: true,
      },
    ),
    step(
      'level',
      'Upright',
      'on a firm level floor, or hooked on its wall',
      'On a tilt its switch shuts it off, or fails to.',
    ),
    step(
      'tight',
      'Leak test',
      bottleOn ? 'soap where the bottle screws on' : 'soap its joint and hose',
      'Made anew, tested anew.',
      {
        holds: true,
      },
    ),
    step('gas', 'Gas on, slowly', 'cylinder valve all the way open', 'A quick turn trips the flow limiter.'),
    step(
      'pilot',
      'Knob to pilot, push',
      'hold it down half a minute to a minute',
      'Air leaves the line before gas can burn.',
      {
        holdS: 30,
      },
    ),
    step(
      'spark',
      'Spark, and hold',
      'until it lights, then as long again',
      'The sensor has to grow warm, or the pilot drops.',
      {
        holdS: 30,
      },
    ),
    step(
      'steady',
      'Pilot steady',
      'let go; it stays',
      'If it drops: hold longer, look for dirt, think of thin air or low oxygen.',
    ),
    kind === 'catalytic-panel'
      ? step(
          'high',
          'High, till the pad is hot',
          'then the setting you want',
          'A cold pad does not burn all of its gas.',
        )
      : step('high', 'High, till the tile glows', 'then the setting you want', 'A half-lit tile burns badly.'),
  ]
}

function stop({ bottleOn, vented }: Heater): ProcedureStep[] {
  if (vented) {
    return [
      step('thermostat', 'Thermostat down', 'the blower runs on until it is cool', 'Its chamber wants cooling.'),
      step('valve', 'Cylinder valve shut', 'when you leave or drive', 'A shut thermostat is no shut valve.'),
    ]
  }
  return [
    step('knob', 'Knob off', 'the flame dies', 'The guard stays hot for long.'),
    step(
      'valve',
      'Cylinder valve shut',
      'all the way, right-hand',
      'A knob leaks; a valve outside does not leak inside.',
      {
        holds: true,
      },
    ),
    ...(bottleOn
      ? [
          step(
            'bottle',
            'Bottle off and out',
            'unscrew, cap, store outside and upright',
            'No bottle stays on a heater inside.',
            { holds: true },
          ),
        ]
      : [step('plug', 'Off the line? Plug it', 'plug or cap at once', 'A shut valve is no plug.')]),
    step(
      'cool',
      'Let it cool',
      'nothing on it and before it until it is cold',
      'Bedding has burned on heaters that were off.',
      {
        holdS: 600,
      },
    ),
    step('cover', 'Cover it', 'when cold', 'Dust on the pad burns badly and spoils it.'),
  ]
}

const tip: ProcedureStep[] = [
  step('outside', 'Outside', 'away from everything that burns', 'A switch that fails drops a lit heater on its face.', {
    holds: true,
  }),
  step('lit', 'Lit and hot', 'a few minutes on low', 'The test is of a heater that burns.', { holdS: 180 }),
  step(
    'tilt',
    'Tilt it by its handle',
    'to half-way over; it must shut off at about 45°',
    'That is what its switch is for.',
    { holds: true },
  ),
  step('off', 'Did it shut off?', 'if not, it is out of use', 'A heater without its switch is not used inside.'),
]

const firstLook: ProcedureStep[] = [
  step(
    'dust',
    'Dust out',
    'shipping foam, cobwebs, dust blown from burner and pilot',
    'Insects like the smell of the gas.',
  ),
  step('tile', 'Tile or pad', 'whole, not cracked, not soiled', 'Cracks let the flame through to the back.', {
    holds: true,
  }),
  step('hose', 'Hose and joint', 'no cracks, its date, its washer', 'Rubber ages on the shelf.'),
  step('switch', 'Tip switch and guard', 'moves freely; guard screwed on', 'They are what saves you when it falls.'),
  step(
    'plate',
    'Its plate and manual',
    'input, distances, height; photograph the page',
    'Every number here comes from there.',
  ),
]

/**
 * Steps of a procedure with this heater, in order.
 *
 * @param heater - its kind, and whether a bottle is attached
 * @param procedure - which
 */
export function lightingSteps(heater: Heater, procedure: HeaterProcedure): readonly ProcedureStep[] {
  if (procedure === 'light') return light(heater)
  if (procedure === 'stop') return stop(heater)
  return procedure === 'tip' ? tip : firstLook
}
