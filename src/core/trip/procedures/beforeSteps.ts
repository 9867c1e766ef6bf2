import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import { alarmStep } from './alarmStep'
import { burnsAllNight, hasKind, hasLine, type StepsFacts } from './stepsFacts'

/** Steps before leaving, with this rig’s cylinders, heaters and alarms. */
export function beforeSteps(facts: StepsFacts): ProcedureStep[] {
  const { cylinders, tank, bottles, heaters, co2 } = facts
  const bottled = heaters.filter(({ bottleOn }) => bottleOn).map(({ name }) => name)
  const hasVents = heaters.some(({ vented }) => vented) || hasKind(facts, 'fridge', 'furnace', 'water-heater')
  const held = [...cylinders, ...(tank === null ? [] : [tank])]
  return [
    step('verdict', 'Read the verdict', 'and do what it says first', 'It knows your gear; you see what it cannot.', {
      holds: true,
    }),
    ...(held.length > 0
      ? [
          step(
            'look',
            `Look over ${held.join(' and ')}`,
            'dents, rust under the foot, valve, seal, plug',
            'What has changed since the last trip shows only to eyes.',
            { holds: true },
          ),
        ]
      : []),
    ...(tank === null
      ? []
      : [step('gauge', `Read ${tank}`, 'its gauge, and the lid free of nests', 'It cannot be weighed.')]),
    ...(co2 === null
      ? []
      : [step('co2', `${co2} upright and capped`, 'held, with air round it', 'All of it let go takes the air away.')]),
    ...(cylinders.length > 0
      ? [step('clamp', 'Clamped', 'no cylinder moves by hand', 'A loose one tears its hose.', { holds: true })]
      : []),
    step(
      'hoses',
      'Hoses and vents',
      hasVents ? 'no cracks; ports outside free of nests' : 'no cracks, no chafing',
      'Insects like the smell; a blocked port sends fumes inside.',
    ),
    alarmStep(facts),
    ...(bottles > 0
      ? [
          step(
            'bottles',
            'Bottles off',
            bottled.length > 0
              ? `none on ${bottled.join(' or ')}; capped, outside, upright`
              : 'capped, outside, upright',
            'No bottle rides on an appliance or in the living space.',
            { holds: true },
          ),
        ]
      : []),
    step('extinguisher', 'Extinguisher', 'by the door, needle in the green', 'For what burns, never for burning gas.'),
    step('card', 'Print the trip card', 'and hang it where everybody sees it', 'At 2 a.m. nobody looks for a phone.'),
    ...(hasLine(facts)
      ? [
          step(
            'valves',
            'Valves for the road',
            hasKind(facts, 'fridge') ? 'shut, unless the law and you want the fridge on' : 'shut',
            'A torn line then gives nothing.',
          ),
        ]
      : []),
    ...(burnsAllNight(facts).length > 0
      ? [
          step(
            'guests',
            'Tell everybody aboard',
            'where the valves are, and what the alarms mean',
            'It may be they who wake.',
          ),
        ]
      : []),
  ]
}
