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

/**
 * Findings about the rig's lines and of their leak tests.
 *
 * @param lines - of the rig
 * @param conditions - temperature and air pressure
 * @throws InputError as checkLine does
 */
export function lineFindings(lines: readonly JudgedLine[], conditions: LineConditions): Finding[] {
  return lines.flatMap(({ gear, tightness }) => [
    ...checkLine(gear.id, gear.line, conditions).findings,
    ...leakFindings(tightness),
  ])
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
        text: '{name} burns on this trip and stands on no line that is drawn.',
        parts: { name },
        reason: 'What is not drawn is not judged: add it to its line, or say which part it is.',
        reasonParts: null,
        ...(lines[0] && { subjectId: lines[0].id }),
      }),
    )
}
