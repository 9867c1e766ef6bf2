import type { DisplayRole, Phrase } from '@/core/base/quantity'
import type { FindingRemedy } from '@/core/findings/Finding'
import { supplies } from '@/core/cylinders/cylinderKind'
import { fillBefore, type FillPlan, type GasPrices } from '@/core/run/analysis/fillBefore'
import type { AnsweredFinding } from '@/core/trip/readiness/readiness'
import type { SupplyBalance } from '@/core/run/analysis/gasForTrip'
import { findingFacts } from '@/core/findings/findingCodes'
import { type WorkPlace, workPlaces } from '@/core/findings/findingFacts'

/** One errand of the day. */
export interface Errand {
  id: string
  place: WorkPlace
  /** It blocks everything else until it is done. */
  isStop: boolean
  what: Phrase
  why: Phrase
  minutes: number
  /** Cost, when the owner entered prices. */
  cost: number | null
  remedy: FindingRemedy
}

export interface DayList {
  errands: readonly Errand[]
  minutes: number
  /** Of what has a price. */
  cost: number
}

const FILL_MINUTES = 15
/** The fills cover the same with numbers. */
const COVERED_BY_FILLS: readonly string[] = ['gas-not-enough', 'heat-gas-not-enough']
/** Of a finding that this version does not know. */
const OTHER_WORK = { place: 'table', minutes: 5 } as const

function fillPhrase({ name, addKg, stopKg, isByBleeder }: FillPlan['errands'][number], role: DisplayRole): Phrase {
  const add = addKg === null ? null : ({ value: addKg, role } as const)
  const stop = stopKg === null ? null : ({ value: stopKg, role, rounded: 'down' } as const)
  if (isByBleeder) {
    return { text: 'Read the tare (TW) of {name}, or have an attendant fill it by its bleeder.', parts: { name } }
  }
  if (add === null) {
    return stop === null
      ? { text: 'Read the gauge of {name}, then fill it.', parts: { name } }
      : { text: 'Weigh {name}, then fill it: stop at {stop}.', parts: { name, stop } }
  }
  return stop === null
    ? { text: 'Fill {name}: {add} more.', parts: { name, add } }
    : { text: 'Fill {name}: {add} more, stop at {stop}.', parts: { name, add, stop } }
}

function fillErrands({ supply, errands, bottles, bottlesCost }: FillPlan): Errand[] {
  const role = supply === 'bottles' ? 'bottleMass' : 'cylinderMass'
  const filled = errands.map((errand): Errand => {
    const { cylinderId, cost } = errand
    return {
      id: `fill ${cylinderId}`,
      place: 'pump',
      isStop: false,
      what: fillPhrase(errand, role),
      why: { text: 'So that trip and reserve are covered. Nothing else hanging on the scale.' },
      minutes: FILL_MINUTES,
      cost,
      remedy: { label: 'To the fill', station: 'fill', subjectId: cylinderId },
    }
  })
  if (bottles === 0) return filled
  return [
    ...filled,
    {
      id: `bottles ${supply}`,
      place: 'shop',
      isStop: false,
      what: { text: 'Buy {count} one-pound bottles.', parts: { count: { value: bottles, role: 'count' } } },
      why: { text: 'Filling does not reach for what burns on bottles.' },
      minutes: FILL_MINUTES,
      cost: bottlesCost,
      remedy: { label: 'What to fill', station: 'run', page: 'before' },
    },
  ]
}

/**
 * What should be done before leaving, by place in the order of the day.
 *
 * Shortages become fills and bottles to buy; what is accepted is left out.
 *
 * @param answered - findings with their owner's answers
 * @param balances - of judgeTrip
 * @param fillable - cylinders a pump would take: see fillableIds
 * @param prices - of the owner
 */
export function dayList(
  answered: readonly AnsweredFinding[],
  balances: readonly SupplyBalance[],
  fillable: readonly string[],
  prices: GasPrices,
): DayList {
  const plans = supplies.flatMap((supply) => {
    const balance = balances.find((one) => one.supply === supply)
    return balance && balance.leftKg < 0 ? [fillBefore(balance, fillable, prices)] : []
  })
  const fills = plans.flatMap(fillErrands)
  const isCovered = plans.length > 0 && plans.every(({ stillShortKg }) => stillShortKg < 0.01)
  const found = answered
    .filter(({ finding, accepted }) => finding.severity !== 'note' && accepted === null)
    .filter(({ finding }) => !(isCovered && COVERED_BY_FILLS.includes(finding.code)))
    .map(({ key, finding }): Errand => {
      const { place, minutes } = findingFacts(finding)?.work ?? OTHER_WORK
      return {
        id: key,
        place,
        isStop: finding.severity === 'stop',
        what: finding.sentence,
        why: finding.reason,
        minutes,
        cost: null,
        remedy: finding.remedy,
      }
    })
  const errands = [...found, ...fills].toSorted(
    (a, b) => workPlaces.indexOf(a.place) - workPlaces.indexOf(b.place) || Number(b.isStop) - Number(a.isStop),
  )
  return {
    errands,
    minutes: errands.reduce((sum, { minutes }) => sum + minutes, 0),
    cost: errands.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
  }
}
