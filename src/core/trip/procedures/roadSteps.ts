import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import { alarmStep, clearAirSteps } from './alarmStep'
import { relightAll } from './relightSteps'
import { hasKind, hasLine, type StepsFacts, valveOf } from './stepsFacts'

/** Steps of arriving: everything is looked at and tested before gas comes, and gas before a flame. */
export function arriveSteps(facts: StepsFacts): ProcedureStep[] {
  const { cylinders, hasPigtail, hasQuickConnect, bottles } = facts
  return [
    step('level', 'Level', 'the rig, side to side and end to end', 'What burns upright wants it, a tip switch too.'),
    step(
      'look',
      'Look',
      cylinders.length > 0 ? 'cylinders clamped, hoses whole, vents free' : 'hoses whole, vents free',
      'Roads shake things loose.',
      {
        holds: true,
      },
    ),
    ...(hasPigtail
      ? [
          step(
            'pigtail',
            'Rough road? Pigtails',
            'each by hand: still tight; soap them when it is open',
            'They work loose on rough roads.',
            {
              holds: true,
            },
          ),
        ]
      : []),
    alarmStep(facts),
    ...(hasLine(facts)
      ? [
          step(
            'open',
            'Open slowly',
            `${valveOf(facts)}, all the way`,
            'A quick turn trips the flow limiter, and the line starves.',
          ),
          step(
            'soap',
            'Soap',
            'what was touched, and the joints at the supply after a rough road',
            'After each connection always.',
            {
              holds: true,
            },
          ),
        ]
      : []),
    ...(hasQuickConnect
      ? [
          step(
            'quick',
            'Quick connect',
            'valve off, cap off, push until it locks, valve on',
            'In another order gas comes before it holds.',
            {
              holds: true,
            },
          ),
        ]
      : []),
    ...(bottles > 0
      ? [
          step(
            'bottle',
            'Bottle',
            'outdoors, by hand, straight on the thread; smell and soap it',
            'A crossed thread leaks.',
          ),
        ]
      : []),
    ...clearAirSteps(facts),
    ...relightAll(facts),
  ]
}

const appliancesOff = ({ appliances }: StepsFacts, why: string): ProcedureStep =>
  step(
    'off',
    'Appliances off',
    appliances.length > 0 ? appliances.map(({ name }) => name).join(', ') : 'every one',
    why,
    {
      holds: true,
    },
  )

/** The line is burned down where a burner shows it. */
const burnDown = (facts: StepsFacts): ProcedureStep[] =>
  hasLine(facts) && hasKind(facts, 'cooktop')
    ? [
        step(
          'burn',
          'Burn the line down',
          'one burner until it dies, then its knob off',
          'No pressure is left in a line that may be hit.',
        ),
      ]
    : []

const bottlesOut = ({ bottles, heaters }: StepsFacts): ProcedureStep[] => {
  if (bottles === 0) return []
  const hot = heaters.some(({ bottleOn }) => bottleOn)
  return [
    ...(hot
      ? [
          step('cool', 'Let the heater cool', 'until it can be touched', 'Hot, the bottle is not unscrewed.', {
            holds: true,
          }),
        ]
      : []),
    step('disconnect-bottle', 'Bottles off', 'capped, outside, upright', 'No bottle rides on an appliance.', {
      holds: true,
    }),
  ]
}

const quickOff = ({ hasQuickConnect }: StepsFacts): ProcedureStep[] =>
  hasQuickConnect
    ? [
        step('quick', 'Quick connect', 'valve off, then the hose off, cap on', 'A shut valve is no cap.', {
          holds: true,
        }),
      ]
    : []

/** Steps of leaving. */
export function leaveSteps(facts: StepsFacts): ProcedureStep[] {
  const { cylinders, hasOutsideSupply } = facts
  return [
    appliancesOff(facts, 'Each is a flame on the road.'),
    ...(hasLine(facts)
      ? [
          step(
            'valve',
            'Shut the gas',
            hasKind(facts, 'fridge') ? `${valveOf(facts)}, unless the law and you want the fridge on` : valveOf(facts),
            'A broken line in a crash then has nothing to give.',
            { holds: true },
          ),
        ]
      : []),
    ...burnDown(facts),
    ...quickOff(facts),
    ...bottlesOut(facts),
    ...(cylinders.length > 0
      ? [
          step('clamp', 'Cylinders clamped', 'they do not move by hand', 'A loose cylinder tears its hose.', {
            holds: true,
          }),
        ]
      : []),
    ...(hasOutsideSupply
      ? [step('outside', 'Outside supply', 'hose off, port plugged', 'A shut valve is no plug.', { holds: true })]
      : []),
    step('doors', 'Doors, locker, vents', 'shut as they should be', 'They are easily driven off open.'),
  ]
}

/** Steps of storing. */
export function storeSteps(facts: StepsFacts): ProcedureStep[] {
  const { cylinders, tank } = facts
  return [
    appliancesOff(facts, 'Nothing burns when nobody is there.'),
    ...(hasLine(facts)
      ? [
          step('valve', 'Shut the gas', `${valveOf(facts)}, all the way`, 'Small leaks empty a supply in a winter.', {
            holds: true,
          }),
        ]
      : []),
    ...burnDown(facts),
    ...quickOff(facts),
    ...bottlesOut(facts),
    ...(cylinders.length > 0
      ? [
          step(
            'disconnect',
            'Disconnect',
            'removable cylinders off, plug in, outside and upright',
            'Never in the living space, a garage or a cellar.',
            { holds: true },
          ),
          step('plug', 'Plug the line', 'against dust and insects', 'They like the smell.'),
        ]
      : []),
    ...(cylinders.length > 0 || facts.bottles > 0
      ? [step('weigh', 'Weigh', 'what is left, and log it', 'Next year nobody will remember.')]
      : tank === null
        ? []
        : [step('gauge', `Read ${tank}`, 'its gauge, and log it', 'Next year nobody will remember.')]),
  ]
}
