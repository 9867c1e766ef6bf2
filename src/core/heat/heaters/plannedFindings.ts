import type { Finding } from '@/core/findings/Finding'
import type { HeaterUse } from './heater'
import { heatFinding } from '@/core/heat/heatFinding'
import type { HeaterGear, PlannedBurning } from '@/core/heat/room/roomPlan'

/** Two numbers of one plate may differ by this. */
const SAME_SHARE = 0.1
const HOUR_S = 3600
/** Longest that a use can mean: warming up in the evening and in the morning; all the hours one is awake. */
const LONGEST_S: Readonly<Partial<Record<HeaterUse, number>>> = { 'warm-up': 6 * HOUR_S, evening: 16 * HOUR_S }

/**
 * What the trip's plan says against what the heater is meant for: its input, and its hours.
 *
 * @param gear - the heater
 * @param uses - what it is meant for, where it stands
 * @param planned - the same heater as the trip's appliance
 */
export function plannedFindings(
  { id, name, heater }: HeaterGear,
  uses: readonly HeaterUse[],
  { inputW, burnPerDayS }: PlannedBurning,
): Finding[] {
  const found: Finding[] = []
  if (Math.abs(inputW / heater.highW - 1) > SAME_SHARE) {
    found.push(
      heatFinding({
        code: 'heater-input-differs',
        severity: 'fix-first',
        text: '{name} burns {here} by its numbers here and {there} among the appliances.',
        reason: 'Gas is reckoned by the one and air by the other. Its plate has the right one.',
        parts: {
          name,
          here: { value: heater.highW, role: 'power' },
          there: { value: inputW, role: 'power' },
        },
        subjectId: id,
        page: 'heaters',
        label: 'To its numbers',
        basis: ['appliance-input'],
      }),
    )
  }
  // A heater with a chimney may burn all night; for the others the most that any use means.
  const longestS = Math.max(0, ...uses.map((use) => LONGEST_S[use] ?? 0))
  if (!heater.vented && longestS > 0 && burnPerDayS > longestS) {
    found.push(
      heatFinding({
        code: 'heater-hours-beyond-use',
        severity: 'fix-first',
        text: '{name} is planned to burn {hours} a day, which is more than it is meant for.',
        reason:
          'So many hours would be slept through with it lit, and it has no chimney. Plan fewer, or another heater for the night.',
        parts: { name, hours: { value: burnPerDayS, role: 'duration' } },
        subjectId: id,
        page: 'lighting',
        label: 'How to use it',
        basis: ['heater-use', 'hours-per-day'],
      }),
    )
  }
  return found
}
