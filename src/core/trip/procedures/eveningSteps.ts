import { applianceTraits } from '@/core/appliances/applianceKinds'
import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import { alarmStep } from './alarmStep'
import { burnsAllNight, hasLine, type StepsFacts, valveOf } from './stepsFacts'

/** One step for each room; without a drawn room nobody can say how far. */
function openingSteps(openings: StepsFacts['openings']): ProcedureStep[] {
  const why = 'The heater burns the room’s air. Free of ice; a screen halves them.'
  const does = openings.length > 0 ? openings : ['draw the room first: how far is not known']
  return does.map((one, i) => step(i === 0 ? 'openings' : `openings ${i + 1}`, 'Openings', one, why, { holds: true }))
}

/** Which cylinder is on, where there is more than one. */
function sideSteps({ cylinders, changeover }: StepsFacts): ProcedureStep[] {
  if (cylinders.length < 2) return []
  const why = 'A night begun on the last of a cylinder ends cold.'
  if (changeover === 'automatic') {
    return [step('side', 'Look at the flag', 'red: the second is on. Green may be trapped gas: weigh it', why)]
  }
  return [
    step(
      'side',
      'Which side is on',
      changeover === 'both' ? 'both open: both run low together' : 'and that the other is the reserve',
      why,
    ),
  ]
}

/** What cooks is out before anybody sleeps. */
function cookingOff({ appliances }: StepsFacts): ProcedureStep[] {
  const cooking = appliances.filter(
    ({ kind }) => applianceTraits[kind].cooks && applianceTraits[kind].stands === 'inside',
  )
  if (cooking.length === 0) return []
  const names = cooking.map(({ name }) => name).join(' and ')
  return [step('cook', names, 'out, every knob off', 'For cooking, not for warmth.', { holds: true })]
}

/** Each unvented heater is put out by its own order: on a bottle it cools before the bottle comes off. */
function outSteps(facts: StepsFacts): ProcedureStep[] {
  const goesOn = burnsAllNight(facts)
  return facts.heaters
    .filter(({ vented }) => !vented)
    .flatMap(({ name, bottleOn }, i): ProcedureStep[] => {
      const id = i === 0 ? '' : ` ${i + 1}`
      if (bottleOn) {
        return [
          step(
            `out${id}`,
            `${name} off before sleep`,
            'its knob; the bottle has no valve',
            'Nobody sleeps with one lit.',
            {
              holds: true,
            },
          ),
          step(`cool${id}`, 'Let it cool', 'until it can be touched', 'Hot, the bottle is not unscrewed.', {
            holds: true,
          }),
          step(`disconnect${id}`, 'Bottle off and out', 'capped, outside, upright', 'None stays on a heater inside.', {
            holds: true,
          }),
        ]
      }
      const valve =
        goesOn.length > 0
          ? `its knob, then its own valve; the gas stays on for ${goesOn.join(', ')}`
          : `its knob, then ${valveOf(facts)}`
      return [step(`out${id}`, `${name} off before sleep`, valve, 'Nobody sleeps with one lit.', { holds: true })]
    })
}

/** Steps of each evening, for this rig’s heaters. */
export function eveningSteps(facts: StepsFacts): ProcedureStep[] {
  const hasUnvented = facts.heaters.some(({ vented }) => !vented)
  return [
    ...(hasLine(facts) || facts.bottles > 0
      ? [step('weigh', 'Weigh or read', 'what is on, and log it', 'The plan for the nights left is corrected by it.')]
      : []),
    ...sideSteps(facts),
    alarmStep(facts),
    ...(hasUnvented
      ? [
          ...openingSteps(facts.openings),
          step('clear', 'Distances', 'curtains tied, bedding away', 'What chars today burns tomorrow.', {
            holds: true,
          }),
        ]
      : []),
    ...cookingOff(facts),
    ...outSteps(facts),
    step('nose', 'Smell low', 'at the floor, before lying down', 'Gas sinks. If it smells: everybody out.'),
  ]
}
