import { InputError } from '@/core/base/InputError'
import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import { checkLine, type LineConditions } from '@/core/hookup/checks/checkLine'
import type { LineGear } from '@/core/hookup/line/line'
import { leakFindings, type LineTightness } from '@/core/leak-test/sheet/leakFindings'
import type { TripPlan } from '@/core/run/tripPlan'

/** A line of the rig with what is known of its tightness. */
export interface JudgedLine {
  gear: LineGear
  tightness: LineTightness
}

/** A line that cannot be read is one finding and does not keep the rest of the rig from being judged. */
function checkedFindings({ id, name, line }: LineGear, conditions: LineConditions): readonly Finding[] {
  try {
    return checkLine(id, line, conditions).findings
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return [
      makeFinding('hookup', 'line-not-readable', {
        text: '{name} cannot be read: {why}',
        parts: { name, why: error.message },
        reason: 'What cannot be read is not judged. Draw this line again, or restore a backup.',
        reasonParts: null,
        subjectId: id,
      }),
    ]
  }
}

/**
 * Findings about the rig's lines and of their leak tests.
 *
 * @param lines - of the rig
 * @param conditions - temperature and air pressure
 */
export function lineFindings(lines: readonly JudgedLine[], conditions: LineConditions): Finding[] {
  return lines.flatMap(({ gear, tightness }) => [...checkedFindings(gear, conditions), ...leakFindings(tightness)])
}

/**
 * Appliances on the rig's line that are on no drawn line; one finding when no line is drawn.
 *
 * @param lines - of the rig
 * @param trip - with its uses
 */
export function notOnLine(lines: readonly LineGear[], trip: TripPlan): Finding[] {
  const burning = trip.uses.filter(({ supply, burnPerDayS }) => supply === 'line' && burnPerDayS > 0)
  if (burning.length === 0) return []
  if (lines.length === 0) {
    return [
      makeFinding('hookup', 'no-line-drawn', {
        text: 'The line from cylinder to appliance is not drawn.',
        reason: 'A wrong joint or regulator kills, and what is not drawn is not judged.',
      }),
    ]
  }
  const drawn = new Set(lines.flatMap(({ line }) => line.parts.map(({ applianceId }) => applianceId)))
  return burning
    .filter(({ id }) => !drawn.has(id))
    .map(({ name }) =>
      makeFinding('hookup', 'appliance-not-on-line', {
        text: '{name} burns on this trip and is on no line that is drawn.',
        parts: { name },
        reason: 'What is not drawn is not judged: add it to its line, or say which part it is.',
        reasonParts: null,
        ...(lines[0] && { subjectId: lines[0].id }),
      }),
    )
}
