import type { LineSide } from '@/core/hookup/line/lineVolume'
import { procedureStep, type ProcedureStep } from '@/core/rules/procedureStep'

const step = (id: string, title: string, does: string, why: string): ProcedureStep =>
  procedureStep(id, title, does, why, { holds: true })

const low: readonly ProcedureStep[] = [
  step(
    'off',
    'Everything off',
    'valve shut, appliances and pilots off',
    'A burner left open is a leak you made yourself.',
  ),
  step(
    'down',
    'Burn the line down',
    'valve shut, one burner lit until it dies',
    'The test port is opened with nothing behind it.',
  ),
  step(
    'fit',
    'Manometer on',
    'at the test port, water level in both columns',
    'The reading is the difference of the two columns, whatever the zero.',
  ),
  step(
    'open',
    'Gas on, then shut',
    'open slowly, read lock-up, shut the valve',
    'Lock-up is 11 to 14 in WC. Higher, and the regulator does not shut: out with it.',
  ),
  step(
    'eight',
    'Burn down to 8 in WC',
    'a burner for a moment, then all shut',
    'At lock-up gas from before the regulator makes up for a leak and hides it. At 8 in WC nothing comes after.',
  ),
  step(
    'hold',
    'Hold three minutes',
    'let it rest a minute. Read the start, 7.5 to 9.5 in WC, then the end, and the line’s warmth',
    'Outside that range it is no test. Any fall fails; a rise, or half a degree of warmth or cold, is no pass.',
  ),
  step(
    'down-again',
    'Burn down, manometer off',
    'valve shut, burner lit until it dies, port plugged',
    'The port’s own joint is soaped again afterwards.',
  ),
]

const cylinder: readonly ProcedureStep[] = [
  step('off', 'Everything off', 'appliances and pilots off', 'A burner left open is a leak you made yourself.'),
  step(
    'open',
    'Gas on, then shut',
    'open slowly, let the gauge rise, shut the valve',
    'Between the shut valve and the regulator the gas is caught.',
  ),
  step(
    'down',
    'Burn down by 10 to 15 psi',
    'one burner lit until the gauge is 10 to 15 psi under the day’s vapor pressure (30 psi at least)',
    'At vapor pressure liquid boils behind a leak and hides it. Below 20 °F soap only.',
  ),
  step(
    'hold',
    'Hold a quarter of an hour',
    'read the gauge at the start and at the end, and the warmth',
    'A needle shows a leak late; three minutes are enough on a gauge of single psi. Any fall fails. Never overnight: caught gas condenses.',
  ),
  step(
    'soap',
    'Soap it too',
    'every joint at cylinder pressure',
    'The gauge does not tell which joint, and misses a slow one.',
  ),
]

/** Procedure of a hold test on one side of the regulator. */
export function holdSteps(side: LineSide): readonly ProcedureStep[] {
  return side === 'low' ? low : cylinder
}

/**
 * What a hold’s clock shows: minutes and seconds to go, or how long it is over.
 *
 * @param leftS - seconds to go, negative when it is over
 * @example formatCountdown(180) // '3:00'
 */
export function formatCountdown(leftS: number): string {
  const seconds = leftS > 0 ? Math.ceil(leftS) : Math.floor(-leftS)
  const text = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
  return leftS > 0 ? text : `+${text}`
}
