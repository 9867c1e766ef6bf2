import type { Finding } from '@/core/findings/Finding'
import { makeFinding } from '@/core/findings/makeFinding'
import type { HeaterGear, RoomGear } from '@/core/heat/room/roomPlan'
import { type OpeningPlan, openingsPhrase, planOpenings } from './planOpenings'
import { LEAST_OXYGEN_SHARE, MOST_CO2_PPM } from './plannedAir'
import { isAirGood, type RoomConditions, type Ventilation, ventilationJudge } from './ventilationCheck'

/** What is open in a room, what it leaves, and what would have to be opened. */
export interface RoomAirJudgment {
  judged: Ventilation
  plan: OpeningPlan
  /** Empty where nothing without a chimney is used. */
  findings: readonly Finding[]
}

/**
 * Judges the openings of a room for the unvented heaters used in it: by area and by the air that the plan leaves,
 * whichever is stricter.
 *
 * @param gear - the room with its openings as they are now
 * @param heaters - unvented heaters used there
 * @param conditions - what the trip burns, height and weather
 */
export function judgeRoomAir(
  gear: RoomGear,
  heaters: readonly HeaterGear[],
  conditions: RoomConditions,
): RoomAirJudgment {
  const judge = ventilationJudge(heaters, conditions)
  const { room } = gear.shelter
  const judged = judge(room)
  if (heaters.length === 0) return { judged, plan: { steps: [], suffices: true }, findings: [] }
  const plan = planOpenings(room, (changed) => isAirGood(judge(changed)))
  return { judged, plan, findings: airFindings(gear, judged, plan) }
}

function airFindings(gear: RoomGear, judged: Ventilation, plan: OpeningPlan): Finding[] {
  const { check, air, names, needs } = judged
  const advice = openingsPhrase(plan)
  const parts = {
    names: names.join(' and '),
    heaters: needs.map(({ name }) => name).join(' and '),
    room: gear.name,
    open: { value: check.countedM2, role: 'area' },
    needed: { value: check.neededM2, role: 'area', rounded: 'up' },
    oxygen: { value: air.oxygenShare, role: 'oxygen', rounded: 'down' },
    least: { value: LEAST_OXYGEN_SHARE, role: 'oxygen' },
    co2: { value: air.co2Ppm, role: 'concentration', rounded: 'up' },
    most: { value: MOST_CO2_PPM, role: 'concentration' },
  } as const
  const finding = (code: 'ventilation-short' | 'air-stale', text: string, reason: string): Finding =>
    makeFinding('heat', code, {
      subjectId: gear.id,
      text,
      reason: `${advice.text} ${reason}`,
      parts,
      reasonParts: { ...advice.parts, ...parts },
    })
  if (!check.isEnough) {
    return [
      finding(
        'ventilation-short',
        'For {heaters} {needed} must stand open in {room}; {open} counts.',
        'A heater without a chimney burns the air of the room. Calm air is assumed; what is screened, iced or all in one place counts for less.',
      ),
    ]
  }
  if (!judged.isEnough) {
    return [
      finding(
        'ventilation-short',
        'With {names} burning, oxygen in {room} falls to {oxygen}; it must stay at {least}.',
        'The area is enough by the rule, the air is not: in still air only warmth moves it, and openings on one level pass little.',
      ),
    ]
  }
  if (air.co2Ppm > MOST_CO2_PPM) {
    return [
      finding(
        'air-stale',
        'With {names} burning, CO2 in {room} rises to {co2}; over {most} is too much.',
        'It makes the head heavy and slow, and shows that little fresh air comes in.',
      ),
    ]
  }
  if (check.isTwoWay) return []
  return [
    makeFinding('heat', 'air-one-way', {
      subjectId: gear.id,
      text: 'All that is open in {room} is in one place.',
      reason: 'Air comes in low and goes out high, or passes from side to side. Open a second place.',
      parts,
    }),
  ]
}
