import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import type { StepsFacts } from './stepsFacts'

/** Steps of a swap at night, by this rig’s changeover. */
export function swapSteps({ changeover, cylinders, hasFridge }: StepsFacts): ProcedureStep[] {
  const turn =
    changeover === 'one-side'
      ? [step('lever', 'Turn the lever', 'to the full side; its arrow names it', 'On the empty side nothing comes.')]
      : changeover === 'automatic'
        ? [
            step(
              'lever',
              'Lever to the reserve',
              'it becomes the primary',
              'The red flag says that the first is empty; the second has carried the night.',
            ),
          ]
        : []
  return [
    step('light', 'A torch, no flame', 'and shoes', 'You kneel in front of gas.', { holds: true }),
    step('knobs', 'Knobs off', 'heater and all pilots', 'What has gone out lets gas through when it comes again.', {
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
    step(
      'open',
      `${cylinders.length > 1 ? 'The other' : 'The full one'}: open slowly`,
      'all the way',
      'A quick turn trips the limiter.',
    ),
    ...turn,
    step('soap', 'Touched a joint? Soap it', 'with what does not freeze', 'Made anew, tested anew.'),
    step(
      'relight',
      'Relight and count',
      hasFridge ? 'every pilot, the fridge too' : 'every pilot',
      'One that is not lit lets gas out unburnt.',
      {
        holds: true,
      },
    ),
    step('log', 'Log the swap', 'hour and which', 'It tells what a night burns.'),
  ]
}
