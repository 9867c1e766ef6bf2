import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import { alarmStep, clearAirSteps } from './alarmStep'
import { relightAll } from './relightSteps'
import type { StepsFacts } from './stepsFacts'

const nutWords = {
  'hand-wheel': 'the hand-wheel, by hand',
  'left-hand': 'the nut turns left-handed, with a wrench',
} as const

const turning = ({ nut }: StepsFacts): string =>
  nut === null ? 'by hand, or left-handed with a wrench' : nutWords[nut]

const hoseOf = ({ hasPigtail }: StepsFacts): string => (hasPigtail ? 'Pigtail' : 'Connection')

/** A cylinder is taken off and out. */
export function outSteps(facts: StepsFacts): ProcedureStep[] {
  const hose = hoseOf(facts)
  return [
    step('off', 'Appliances off', 'all of them', 'What burns sucks air into an open line.', { holds: true }),
    step('valve', 'Valve shut', 'clockwise by hand, to its end', 'The nut is not touched while gas can come.', {
      holds: true,
    }),
    step('disconnect', `${hose} off`, turning(facts), 'A puff is normal, a lasting hiss is not: shut it again.', {
      holds: true,
    }),
    step('plug-line', `${hose} plugged`, 'or bagged, end up', 'Wasps and dust end in the regulator.'),
    step('nut', 'Hold-down off', 'nut and bar, put where they are found again', 'The bar must clamp when it is back.'),
    step('lift', 'Lift it out', 'upright, from the knees', 'A full one weighs as much as a child.'),
    step('plug', 'Plug its outlet', 'plug or cap, hand-tight', 'A valve knocked open then leaks nothing.', {
      holds: true,
    }),
    step(
      'carry',
      'Held, upright, windows down',
      'a belt from each side; no errands on the way',
      'Never in the living space, never left in a hot car.',
      { holds: true },
    ),
  ]
}

/** The lever of a changeover that has one, with two cylinders. */
function leverSteps({ changeover, cylinders }: StepsFacts): ProcedureStep[] {
  if (cylinders.length < 2) return []
  if (changeover === 'one-side') {
    return [step('lever', 'Lever to the side in use', 'its arrow names it', 'On the empty side nothing comes.')]
  }
  return changeover === 'automatic'
    ? [
        step(
          'flag',
          'Lever to the side to use first',
          'and its flag turns green',
          'Green may be trapped gas: weigh it.',
        ),
      ]
    : []
}

const connectSteps = (facts: StepsFacts): ProcedureStep[] => [
  step('look', 'Seal and seat', 'clean, whole; no tape on either', 'They seal, the threads only press.', {
    holds: true,
  }),
  step('connect', `${hoseOf(facts)} on`, turning(facts), 'Crossed threads feel tight.'),
]

const openAndSoap: readonly ProcedureStep[] = [
  step('open', 'Open slowly', 'all the way', 'A quick turn trips the flow limiter.'),
  step('soap', 'Soap', 'joint, stem and valve', 'Made anew, tested anew.', { holds: true }),
]

/** A cylinder is put back and connected. */
export function backSteps(facts: StepsFacts): ProcedureStep[] {
  return [
    step('weigh', 'Weigh it', 'and log it', 'What the pump says and what is in it differ.'),
    step(
      'seat',
      'In its place',
      'foot in the tray, upright, outlet the right way',
      'Lying, liquid reaches the regulator.',
    ),
    step('clamp', 'Clamp it', 'bar and nut; it does not move by hand', 'A bar that looks tight may not touch it.', {
      holds: true,
    }),
    ...connectSteps(facts),
    ...openAndSoap,
    ...leverSteps(facts),
    alarmStep(facts),
    ...clearAirSteps(facts),
    ...relightAll(facts),
  ]
}

const swapStart: readonly ProcedureStep[] = [
  step('light', 'A flashlight, no flame', 'and shoes', 'You kneel in front of gas.', { holds: true }),
  step('knobs', 'Knobs off', 'every appliance', 'What has gone out lets gas through when it comes again.', {
    holds: true,
  }),
  step('shut', 'Empty one: valve shut', 'by hand, to its end', 'A cold one may come back to life when it warms.', {
    holds: true,
  }),
  step(
    'cold',
    'Empty, or only cold?',
    'lift it, or weigh it; log it',
    'A cold cylinder stops with gas still in it: by day it gives again.',
  ),
]

/**
 * A swap at night. With two cylinders on a changeover the other is opened; else the hose is moved to the full one, and
 * the joint is new.
 */
export function swapSteps(facts: StepsFacts): ProcedureStep[] {
  const { cylinders, changeover } = facts
  const hasReserve = cylinders.length > 1 && changeover !== null
  const change = hasReserve
    ? [
        step('open', 'The other: open slowly', 'all the way', 'A quick turn trips the flow limiter.'),
        ...(changeover === 'both'
          ? []
          : [step('lever', 'Lever to the other side', 'its arrow names it', 'On the empty side nothing comes.')]),
      ]
    : [
        step(
          'disconnect',
          `${hoseOf(facts)} off the empty one`,
          turning(facts),
          'A puff is normal, a lasting hiss is not.',
          {
            holds: true,
          },
        ),
        step('clamp', 'The full one in its place', 'upright and clamped', 'Lying, liquid reaches the regulator.', {
          holds: true,
        }),
        ...connectSteps(facts),
        ...openAndSoap,
      ]
  return [
    ...swapStart,
    ...change,
    alarmStep(facts),
    ...clearAirSteps(facts),
    ...relightAll(facts),
    step('log', 'Log the swap', 'hour and which', 'It tells what a night burns.'),
  ]
}
