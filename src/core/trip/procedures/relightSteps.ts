import type { ApplianceKind } from '@/core/appliances/applianceKinds'
import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import { alarmStep, clearAirSteps } from './alarmStep'
import { hasLine, type StepsFacts, valveOf } from './stepsFacts'

/** How each kind is lit again. The manual comes first: a match only where it shows one. */
const lighting: Readonly<Partial<Record<ApplianceKind, { does: string; why: string }>>> = {
  oven: { does: 'its pilot, up to 2 min: hold the knob in, look at the flame', why: 'Look in: a lit pilot is seen.' },
  fridge: {
    does: 'on gas, up to 2 min; after a while its outside vent is warm',
    why: 'It hides its flame: the warm vent shows it.',
  },
  'water-heater': { does: 'by its plate; full of water first', why: 'Fired dry it is ruined.' },
  tankless: { does: 'open a hot tap: it lights by itself', why: 'It lights only when water runs.' },
  furnace: { does: 'thermostat up: it lights by itself', why: 'It tries three times, then locks.' },
  'panel-heater': { does: 'by its manual, openings open first', why: 'It burns the air of the room.' },
  'portable-heater': { does: 'by its manual, openings open first', why: 'It burns the air of the room.' },
  'gas-light': { does: 'light it; its air shutter trims the flame', why: 'A yellow flame makes soot and CO.' },
}

/** Each appliance lit again by itself, the cooktop's burners aside, and the pilots counted one by one. */
export function relightAll({ appliances }: StepsFacts): ProcedureStep[] {
  const pilots = appliances.filter(({ hasPilot }) => hasPilot).map(({ name }) => name)
  const inside = appliances.filter(({ kind }) => kind in lighting)
  return [
    ...inside.map(({ name, kind }, i) =>
      step(`light ${i + 1}`, `Light ${name}`, lighting[kind]?.does ?? '', lighting[kind]?.why ?? ''),
    ),
    ...(pilots.length > 0
      ? [
          step(
            'count',
            `Count the pilots: ${pilots.length}`,
            pilots.join(', '),
            'One that is not lit lets gas out unburned.',
            { holds: true },
          ),
        ]
      : []),
  ]
}

/** Relighting after a refill, a swap or an outage. */
export function relightSteps(facts: StepsFacts): ProcedureStep[] {
  return [
    step('off', 'Everything off', 'every knob', 'Gas that comes again must find nothing open.', {
      holds: true,
    }),
    step('wait', 'Wait 5 min', 'doors and windows open', 'What came out unburned leaves.', { holds: true, holdS: 300 }),
    step('smell', 'Smell at the floor', 'any smell: everybody out, no switch, no flame', 'Propane sinks.', {
      holds: true,
    }),
    alarmStep(facts),
    ...(hasLine(facts)
      ? [step('open', 'Open slowly', `${valveOf(facts)}, all the way`, 'A quick turn trips the flow limiter.')]
      : []),
    ...clearAirSteps(facts),
    step(
      'tries',
      'Three tries at most',
      'a match only where the manual shows it',
      'Then off, wait 5 min, and begin again.',
    ),
    ...relightAll(facts),
  ]
}
