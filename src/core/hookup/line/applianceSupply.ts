import type { Supply } from '@/core/cylinders/cylinderKind'
import type { LineGear } from './line'
import { lineGraphOrNull, upstreamParts } from './lineGraph'

/**
 * What feeds each appliance of the rig, as its lines are drawn: a bottle screwed onto it, or the line with its cylinder
 * or tank. An appliance on no line, or on one without a source, is not listed.
 *
 * @param lines - of the rig
 * @returns by the identifier of the appliance
 */
export function drawnSupplies(lines: readonly Pick<LineGear, 'line'>[]): Map<string, Supply> {
  const found = new Map<string, Supply>()
  for (const { line } of lines) {
    for (const part of lineGraphOrNull(line)?.parts ?? []) {
      const { applianceId } = part.part
      if (applianceId === undefined) continue
      const roles = upstreamParts(part).map(({ type }) => type.role)
      if (roles.includes('cylinder') || roles.includes('tank')) found.set(applianceId, 'line')
      else if (roles.includes('bottle')) found.set(applianceId, 'bottles')
    }
  }
  return found
}
