import { compareInstants } from '@/core/time/instant'
import type { Phrase } from '@/core/base/quantity'
import type { TripPlan } from '@/core/run/tripPlan'
import { type CardBlock, cardCylinders, cardGas, cardHeat, cardJoints } from './cardBlocks'
import type { RigGear } from '@/core/trip/readiness/rigGear'
import type { Readiness } from '@/core/trip/readiness/readiness'
import type { TripJudgment } from '@/core/trip/readiness/judgeTrip'

const most = 6

/** How many items the card has no room for, and where they are. */
function notShown(what: 'open' | 'accepted', count: number): Phrase {
  const more = { value: count, role: 'count' } as const
  return { text: `… and {more} more ${what}: see the trip’s verdict in Gold Kettle.`, parts: { more } }
}

function verdictBlock({ answered, openCount }: Readiness): CardBlock {
  const open = answered.filter(({ finding, accepted }) => finding.severity !== 'note' && accepted === null)
  const accepted = answered.flatMap(({ finding, accepted: given }) =>
    given ? [{ finding, reason: given.reason }] : [],
  )
  const more = openCount - Math.min(most, open.length)
  return {
    title: 'Still open',
    lines: [
      ...open.slice(0, most).map(({ finding }) => finding.sentence),
      ...(more > 0 ? [notShown('open', more)] : []),
      ...(open.length === 0 ? [{ text: 'Nothing.' }] : []),
      ...accepted.slice(0, most).map(({ finding, reason }): Phrase => ({
        text: `Accepted: ${finding.sentence.text} Because: {acceptedReason}.`,
        parts: { ...finding.sentence.parts, acceptedReason: reason },
      })),
      ...(accepted.length > most ? [notShown('accepted', accepted.length - most)] : []),
    ],
  }
}

/** `2026-11-24` for an instant. */
type DayOf = (instant: string) => string

function restsOn(plan: TripPlan, gear: RigGear, dayOf: DayOf): CardBlock {
  const [first] = gear.cylinders.flatMap(({ lastWeighing }) => lastWeighing?.weighedAt ?? []).toSorted(compareInstants)
  const oldest = first === undefined ? undefined : dayOf(first)
  return {
    title: 'What it rests on',
    isSmall: true,
    lines: [
      {
        text: oldest
          ? 'Weighings of {oldest} and later; the owner’s entries of gear and habits.'
          : 'The owner’s entries of gear and habits; nothing weighed.',
        parts: { oldest: oldest ?? '' },
      },
      {
        text: plan.forecast ? 'Weather: {name}.' : 'Weather: every night as cold as the coldest entered.',
        parts: { name: plan.forecast?.name || 'as entered' },
      },
      {
        text: 'The manuals of your equipment and the local code come before this card. A computed “ready” is never permission; fixed piping, regulators inside walls and vessels belong to a licensed technician.',
      },
    ],
  }
}

/**
 * The trip card, made to hang by the door.
 *
 * @param gear - of the rig
 * @param plan - of the trip
 * @param judgment - of judgeTrip
 * @param ready - of readiness
 * @param nowIso - when it is made
 * @param dayOf - the day of the owner’s calendar on which an instant lies
 */
export function tripCard(
  gear: RigGear,
  plan: TripPlan,
  judgment: TripJudgment,
  ready: Readiness,
  nowIso: string,
  dayOf: DayOf,
): CardBlock[] {
  return [
    verdictBlock(ready),
    cardCylinders(gear.cylinders, dayOf(nowIso)),
    cardGas(plan, judgment),
    ...cardHeat(gear, plan),
    restsOn(plan, gear, dayOf),
    ...cardJoints(gear.lines),
  ]
}
