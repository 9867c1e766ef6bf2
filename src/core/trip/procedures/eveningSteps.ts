import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import type { StepsFacts } from './stepsFacts'

/** One step for each room; without a drawn room nobody can say how far. */
function openingSteps(openings: StepsFacts['openings']): ProcedureStep[] {
  const why = 'The heater burns the room’s air. Free of ice; a screen halves them.'
  const does = openings.length > 0 ? openings : ['draw the room first: how far is not known']
  return does.map((one, i) => step(i === 0 ? 'openings' : `openings ${i + 1}`, 'Openings', one, why, { holds: true }))
}

/** Steps of each evening, for this rig’s heaters. */
export function eveningSteps({ heaters, alarms, changeover, openings }: StepsFacts): ProcedureStep[] {
  const open = heaters.filter(({ vented }) => !vented)
  const names = open.map(({ name }) => name).join(' and ')
  const bottled = open.some(({ bottleOn }) => bottleOn)
  return [
    step('weigh', 'Weigh or read', 'what is on, and log it', 'The plan for the nights left is corrected by it.'),
    step(
      'side',
      changeover === 'automatic' ? 'Look at the flag' : 'Which side is on',
      changeover === 'both' ? 'both open: both run low together' : 'and that the other is the reserve',
      'A night begun on the last of a cylinder ends cold.',
    ),
    ...(open.length > 0
      ? [
          ...openingSteps(openings),
          step('clear', 'Distances', 'curtains tied, bedding away', 'What chars today burns tomorrow.', {
            holds: true,
          }),
        ]
      : []),
    step('alarm', alarms.length > 0 ? alarms.join(', ') : 'CO alarm', 'awake: its light is on', 'It watches for you.', {
      holds: true,
    }),
    step('air', 'A cooktop burner first', 'until it burns steady, then off', 'It clears the air out of a cold line.'),
    ...(open.length > 0
      ? [
          step('out', `${names} off before sleep`, 'knob and cylinder valve', 'Nobody sleeps with one lit.', {
            holds: true,
          }),
        ]
      : []),
    ...(bottled
      ? [
          step('bottle', 'Bottle off and out', 'capped, outside, upright', 'None stays on a heater inside.', {
            holds: true,
          }),
        ]
      : []),
    step('nose', 'Smell low', 'at the floor, before lying down', 'Gas sinks. If it smells: everybody out.'),
  ]
}
