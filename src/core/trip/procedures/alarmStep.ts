import { procedureStep as step, type ProcedureStep } from '@/core/rules/procedureStep'
import { hasKind, type StepsFacts } from './stepsFacts'

/** Every alarm is tested before anything is lit. */
export function alarmStep({ alarms }: Pick<StepsFacts, 'alarms'>): ProcedureStep {
  return step(
    'alarms',
    alarms.length > 0 ? `Test ${alarms.join(' and ')}` : 'Alarms',
    alarms.length > 0 ? 'each sounds on its button' : 'none is entered: get a CO alarm and a propane alarm first',
    'They are all that tells while you sleep. Nothing is lit before they are tested.',
    { holds: true },
  )
}

/** Air is cleared out of a line at the cooktop, where a flame is seen; without one there is no such step. */
export function clearAirSteps(facts: Pick<StepsFacts, 'appliances'>): ProcedureStep[] {
  if (!hasKind(facts, 'cooktop')) return []
  return [
    step(
      'air',
      'Clear the air at the cooktop',
      'a lighter at one burner, up to 3 min, until it burns steadily; then off',
      'A line that was open is full of air; other appliances would try for minutes.',
    ),
  ]
}
