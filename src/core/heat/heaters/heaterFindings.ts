import type { Equipment } from '@/core/cylinders/equipment/equipment'
import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import type { HeaterGear, PlannedBurning } from '@/core/heat/room/roomPlan'
import type { HeaterUse } from './heater'
import { heaterAltitude, DERATED_FROM_M } from './heaterAltitude'

/** Relative difference of two inputs that count as the same. */
const SAME_SHARE = 0.1

const HOUR_S = 3600

/** Longest burning time of each use: warm-up morning and evening; all waking hours. */
const MAX_S: Readonly<Partial<Record<HeaterUse, number>>> = { 'warm-up': 6 * HOUR_S, evening: 16 * HOUR_S }

/**
 * Findings where the trip plan contradicts the planned use of the heater: input and hours.
 *
 * @param gear - the heater
 * @param uses - its planned uses in the rooms
 * @param planned - the same heater as the trip's appliance
 */
function plannedFindings(
  { id, name, heater }: HeaterGear,
  uses: readonly HeaterUse[],
  { inputW, burnPerDayS }: PlannedBurning,
): Finding[] {
  const found: Finding[] = []
  if (Math.abs(inputW / heater.highW - 1) > SAME_SHARE) {
    found.push(
      makeFinding('heat', 'heater-input-differs', {
        text: '{name} burns {here} by its numbers here and {there} among the appliances.',
        reason: 'Gas is counted by the one and air by the other. Its plate has the right one.',
        parts: {
          name,
          here: { value: heater.highW, role: 'power' },
          there: { value: inputW, role: 'power' },
        },
        subjectId: id,
      }),
    )
  }
  // A heater with a chimney may burn all night; for the others the most that any use means.
  const longestS = Math.max(0, ...uses.map((use) => MAX_S[use] ?? 0))
  if (!heater.vented && longestS > 0 && burnPerDayS > longestS) {
    found.push(
      makeFinding('heat', 'heater-hours-beyond-use', {
        text: '{name} is planned to burn {hours} a day, which is more than it is meant for.',
        reason:
          'So many hours would be slept through with it lit, and it has no chimney. Plan fewer, or another heater for the night.',
        parts: { name, hours: { value: burnPerDayS, role: 'duration' } },
        subjectId: id,
      }),
    )
  }
  return found
}

interface HeaterConditions {
  /** Planned uses, most severe first; empty when it is in no room. */
  uses: readonly HeaterUse[]
  altitudeM: number
  equipment: readonly Equipment[]
  /** What the trip plans to burn in it; null without a trip, or where it was not entered which appliance it is. */
  planned: PlannedBurning | null
}

const alarms = ({ kind, lastLook }: Equipment): boolean => kind === 'co-alarm' && lastLook?.sound !== false

function altitudeFindings({ id, name, heater }: HeaterGear, altitudeM: number): Finding[] {
  const { limitM, from, isAbove } = heaterAltitude(heater, altitudeM)
  const at = { subjectId: id } as const
  if (limitM !== null && isAbove) {
    return [
      makeFinding('heat', 'heater-above-altitude', {
        ...at,
        text: '{name} may be used up to {limit}; this trip goes to {here}.',
        reason:
          from === 'manual'
            ? 'Its manual says so: in thin air it burns rich, makes carbon monoxide, and its cut-off trips.'
            : 'That is common for heaters with an oxygen cut-off: in thin air they burn rich, and the cut-off trips. If its manual names another height, enter it.',
        parts: {
          name,
          limit: { value: limitM, role: 'altitude', rounded: 'down' },
          here: { value: altitudeM, role: 'altitude' },
        },
      }),
    ]
  }
  if (limitM === null && !heater.vented && altitudeM > DERATED_FROM_M) {
    return [
      makeFinding('heat', 'altitude-limit-not-known', {
        ...at,
        text: 'Altitude limit of {name} unknown. This trip goes to {here}.',
        reason: 'What is not known counts as not ready. The manual names a height, or a smaller orifice for it.',
        parts: { name, here: { value: altitudeM, role: 'altitude' } },
      }),
    ]
  }
  return []
}

function findingsOfUse({ id, name, heater }: HeaterGear, uses: readonly HeaterUse[]): Finding[] {
  const at = {
    subjectId: id,
    parts: { name },
  } as const
  const found: Finding[] = []
  if (uses.includes('asleep')) {
    found.push(
      makeFinding('heat', 'asleep-with-heater-lit', {
        ...at,
        text: '{name} is meant to burn while people sleep.',
        reason:
          'It has no chimney. Rules and most manuals say no: warm up before bed, then knob off and cylinder valve shut.',
      }),
    )
  }
  if (uses.includes('left-alone')) {
    found.push(
      makeFinding('heat', heater.bottleOn ? 'bottle-left-inside' : 'heater-left-alone', {
        ...at,
        text: heater.bottleOn
          ? '{name} is meant to stay inside alone with its bottle on.'
          : '{name} is meant to burn with nobody there.',
        reason: 'A lit heater is attended. Its bottle comes off and goes outside when it is not used.',
      }),
    )
  }
  return found
}

/**
 * Findings about a heater in use, other than its place.
 *
 * @param gear - the heater
 * @param conditions - how and where it is used, and the rig's alarms
 */
export function heaterFindings(gear: HeaterGear, { uses, altitudeM, equipment, planned }: HeaterConditions): Finding[] {
  const { id, name, heater } = gear
  const found = altitudeFindings(gear, altitudeM)
  if (heater.clearancesFrom === 'common') {
    found.push(
      makeFinding('heat', 'clearances-not-from-manual', {
        text: 'The distances of {name} are not from its manual.',
        reason: 'What is common may be too little for yours. The page with its clearances has the numbers.',
        parts: { name },
        subjectId: id,
      }),
    )
  }
  if (heater.certified === 'no') {
    found.push(
      makeFinding('heat', 'heater-not-certified', {
        text: '{name} is not certified for use inside where you camp.',
        reason: 'Nobody has tested that it burns cleanly in a small room; places and insurers refuse it.',
        parts: { name },
        subjectId: id,
      }),
    )
  }
  if (planned) found.push(...plannedFindings(gear, uses, planned))
  if (heater.vented) return found
  found.push(...findingsOfUse(gear, uses))
  if (!equipment.some(alarms)) {
    found.push(
      makeFinding('heat', 'no-co-alarm', {
        text: 'No CO alarm that works, and {name} burns without a chimney.',
        reason: 'Carbon monoxide has no smell and kills asleep. No sum replaces the alarm.',
        parts: { name },
        subjectId: id,
      }),
    )
  }
  return found
}
