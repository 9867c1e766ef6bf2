import type { Finding } from '@/core/findings/Finding'
import { checkLine, type LineConditions } from '@/core/hookup/checks/checkLine'
import type { LineGear } from '@/core/hookup/line/lineGear'
import { leakFindings, type LineTightness } from '@/core/leak-test/sheet/leakFindings'

/** A line of the rig with what is known of its tightness. */
export interface JudgedLine {
  gear: LineGear
  tightness: LineTightness
}

/**
 * What is to be said of the rig's lines and of their leak tests.
 *
 * @param lines - of the rig
 * @param conditions - temperature and air they are judged at
 * @throws InputError as checkLine does
 */
export function lineFindings(lines: readonly JudgedLine[], conditions: LineConditions): Finding[] {
  return lines.flatMap(({ gear, tightness }) => [
    ...checkLine(gear.id, gear.line, conditions).findings,
    ...leakFindings(tightness),
  ])
}
