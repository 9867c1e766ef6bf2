import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import type { StepsFacts } from './stepsFacts'

/** Steps before leaving, with this rig’s cylinders, heaters and alarms. */
export function beforeSteps({ cylinders, tank, heaters, alarms, hasFridge, co2 }: StepsFacts): ProcedureStep[] {
  const bottled = heaters.filter(({ bottleOn }) => bottleOn).map(({ name }) => name)
  const chimneys = heaters.some(({ vented }) => vented)
  const held = [...cylinders, ...(tank === null ? [] : [tank])]
  return [
    step('verdict', 'Read the verdict', 'and do what it says first', 'It knows your gear; you see what it cannot.', {
      holds: true,
    }),
    step(
      'look',
      held.length > 0 ? `Look over ${held.join(' and ')}` : 'Look over the cylinders',
      'dents, rust under the foot, valve, seal, plug',
      'What has changed since the last trip shows only to eyes.',
      { holds: true },
    ),
    ...(tank === null
      ? []
      : [step('gauge', `Read ${tank}`, 'its gauge, and the lid free of nests', 'It cannot be weighed.')]),
    ...(co2 === null
      ? []
      : [step('co2', `${co2} upright and capped`, 'held, with air round it', 'All of it let go takes the air away.')]),
    step('clamp', 'Clamped', 'no cylinder moves by hand', 'A loose one tears its pigtail.', { holds: true }),
    step(
      'hoses',
      'Hoses and vents',
      chimneys || hasFridge ? 'no cracks; ports outside free of nests' : 'no cracks, no chafing',
      'Insects like the smell; a blocked port sends fumes inside.',
    ),
    step(
      'alarms',
      alarms.length > 0 ? `Test ${alarms.join(' and ')}` : 'Alarms',
      alarms.length > 0 ? 'each sounds on its button' : 'none is entered: a CO alarm belongs to every heater',
      'They are all that tells while you sleep.',
      { holds: true },
    ),
    ...(bottled.length > 0
      ? [
          step(
            'bottles',
            'Bottles off',
            `none on ${bottled.join(' or ')}; capped, outside, upright`,
            'No bottle rides on a heater or in the living space.',
            { holds: true },
          ),
        ]
      : []),
    step('extinguisher', 'Extinguisher', 'by the door, needle in the green', 'For what burns, never for burning gas.'),
    step('card', 'Print the trip card', 'and hang it where everybody sees it', 'At 2 a.m. nobody looks for a phone.'),
    step(
      'valves',
      'Valves for the road',
      'shut, unless law and you want the fridge on',
      'A torn line then gives nothing.',
    ),
  ]
}
