import { fillSteps } from '@/core/fill/procedures/fillSteps'
import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import { travelSteps } from '@/core/run/travel/travelSteps'
import { beforeSteps } from './beforeSteps'
import type { StepsFacts } from './stepsFacts'
import { eveningSteps } from './eveningSteps'
import { swapSteps } from './swapSteps'

/** Procedures of a trip, in order. */
export const tripProcedures = ['before', 'out', 'pump', 'back', 'arrive', 'evening', 'swap', 'leave', 'store'] as const

export type TripProcedure = (typeof tripProcedures)[number]

export const tripProcedureLabels: Readonly<Record<TripProcedure, string>> = {
  before: 'Before leaving',
  out: 'A cylinder out',
  pump: 'At the pump',
  back: 'And back in',
  arrive: 'Arriving',
  evening: 'Each evening',
  swap: 'Swap at night',
  leave: 'Leaving',
  store: 'Storing',
}

const out: readonly ProcedureStep[] = [
  step('off', 'Appliances off', 'all of them, pilots too', 'What burns sucks air into an open line.', { holds: true }),
  step('valve', 'Valve shut', 'clockwise by hand, to its end', 'The nut is not touched while gas can come.', {
    holds: true,
  }),
  step('pigtail', 'Pigtail off', 'POL turns left-handed; a hand-wheel by hand', 'A puff escapes: no flame near.', {
    holds: true,
  }),
  step('plug-line', 'Plug the pigtail', 'or bag it, end up', 'Wasps and dust end in the regulator.'),
  step('bar', 'Regulator off its bar', 'where it sits there', 'It stays on the rig and is not carried by its hoses.'),
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

function back({ changeover }: StepsFacts): ProcedureStep[] {
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
    step('look', 'O-ring and seat', 'clean, whole; no tape on either', 'They seal, the threads only press.', {
      holds: true,
    }),
    step('connect', 'Pigtail on', 'hand-wheel by hand; POL left-handed with a wrench', 'Crossed threads feel tight.'),
    step('open', 'Open slowly', 'all the way', 'A quick turn trips the flow limiter.'),
    step('soap', 'Soap', 'joint, stem and valve', 'Made anew, tested anew.', { holds: true }),
    ...(changeover === 'one-side'
      ? [step('lever', 'Lever to the side in use', 'its arrow names it', 'On the empty side nothing comes.')]
      : []),
    ...(changeover === 'automatic'
      ? [step('flag', 'Lever to the primary', 'and its flag turns green', 'Green says only that pressure is there.')]
      : []),
    step('burn', 'Light one burner', 'until it burns steady, then off', 'It clears the air and proves the line.'),
  ]
}

function arrive({ alarms }: StepsFacts): ProcedureStep[] {
  return travelSteps('arrive').map((one) =>
    one.id === 'alarms' && alarms.length > 0 ? { ...one, does: `press the test of each: ${alarms.join(', ')}` } : one,
  )
}

function pump({ tank, cylinders }: StepsFacts): readonly ProcedureStep[] {
  return fillSteps(tank !== null && cylinders.length === 0 ? 'onboard' : 'pump')
}

/**
 * Steps of one procedure for a rig.
 *
 * @param procedure - which
 * @param facts - of the rig: see stepsFacts
 */
export function tripSteps(procedure: TripProcedure, facts: StepsFacts): readonly ProcedureStep[] {
  switch (procedure) {
    case 'before':
      return beforeSteps(facts)
    case 'out':
      return out
    case 'pump':
      return pump(facts)
    case 'back':
      return back(facts)
    case 'arrive':
      return arrive(facts)
    case 'evening':
      return eveningSteps(facts)
    case 'swap':
      return swapSteps(facts)
    case 'leave':
    case 'store':
      return travelSteps(procedure)
  }
}
