import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'

export const travelProcedures = ['arrive', 'leave', 'store'] as const

export type TravelProcedure = (typeof travelProcedures)[number]

export const travelLabels: Readonly<Record<TravelProcedure, string>> = {
  arrive: 'Arriving',
  leave: 'Leaving',
  store: 'Storing',
}

const steps: Readonly<Record<TravelProcedure, readonly ProcedureStep[]>> = {
  arrive: [
    step(
      'level',
      'Level',
      'the rig, side to side and end to end',
      'An absorption fridge wants it, and a heater’s tip switch too.',
    ),
    step('look', 'Look', 'cylinders clamped, hoses off the road, vents free', 'Roads shake things loose.', {
      holds: true,
    }),
    step('pigtail', 'Pigtails', 'each by hand: still tight', 'They work loose on rough roads.', { holds: true }),
    step(
      'open',
      'Open slowly',
      'the cylinder valve, all the way',
      'A quick turn trips the flow limiter, and the line starves.',
    ),
    step('soap', 'Soap', 'the joints at the cylinder', 'After rough roads always, after each connection always.', {
      holds: true,
    }),
    step(
      'air',
      'Clear the air',
      'one cooktop burner until it burns steady, then off',
      'A cold line is full of air; other pilots would wait for minutes.',
    ),
    step('alarms', 'Alarms', 'press the test of each', 'They are all that tells while you sleep.', { holds: true }),
    step(
      'light',
      'Appliances',
      'fridge, water heater, heater; count the pilots',
      'One pilot that is not lit lets gas out unburnt.',
    ),
  ],
  leave: [
    step('off', 'Appliances off', 'fridge, water heater, heater, cooktop; pilots out', 'Each is a flame on the road.', {
      holds: true,
    }),
    step(
      'valve',
      'Cylinder valves shut',
      'unless the law and you want the fridge on',
      'A broken line in a crash then has nothing to give.',
      { holds: true },
    ),
    step(
      'burn',
      'Burn the line down',
      'a burner until it dies, then its knob off',
      'No pressure is left in a line that may be hit.',
    ),
    step('clamp', 'Cylinders clamped', 'they do not move by hand', 'A loose cylinder tears its pigtail.', {
      holds: true,
    }),
    step('outside', 'Outside supplies', 'grill and hoses off, ports plugged', 'A shut valve is no plug.', {
      holds: true,
    }),
    step('doors', 'Fill door, locker, vents', 'shut as they should be', 'It is easily driven off open.'),
  ],
  store: [
    step('off', 'Appliances off', 'and cold', 'Nothing burns when nobody is there.', { holds: true }),
    step('valve', 'Cylinder valves shut', 'all the way', 'Small leaks empty a cylinder in a winter.', { holds: true }),
    step('burn', 'Burn the line down', 'then every knob off', 'The line rests without pressure.'),
    step(
      'disconnect',
      'Disconnect',
      'removable cylinders off, plug in, outside and upright',
      'Never in the living space, a garage or a cellar.',
      { holds: true },
    ),
    step('plug', 'Plug the line', 'against dust and insects', 'They like the smell.'),
    step('weigh', 'Weigh', 'what is left, and log it', 'Next year nobody will remember.'),
  ],
}

/**
 * Steps of arriving, leaving and storing.
 *
 * @param procedure - which
 */
export function travelSteps(procedure: TravelProcedure): readonly ProcedureStep[] {
  return steps[procedure]
}
