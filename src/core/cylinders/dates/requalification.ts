import { InputError } from '@/core/base/InputError'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import type { DateClass } from '@/core/cylinders/cylinderKind'
import type { Mark } from '@/core/cylinders/stamps/stampReading'
import type { RuleSet } from '@/core/rules/dateRules'
import { addMonths, formatMonth } from '@/core/time/months'

/** What is known of a cylinder's dates. */
export interface CylinderDates {
  dateClass: DateClass
  manufacturedMonth: string | null
  marks: readonly Mark[]
  /** A composite's own interval, from its label. */
  labelIntervalMonths: number | null
  /** Last month of a composite's life, from its label. */
  endOfLifeMonth: string | null
}

/**
 * - `good`: may be filled
 * - `due-in-trip`: may be filled now, runs out before the trip is over
 * - `overdue`: may be used up, not filled
 * - `not-refillable`: never filled, whatever its date
 * - `no-date`: a fixed tank, which has none
 * - `unknown`: not known
 */
export type DateStatus = 'good' | 'due-in-trip' | 'overdue' | 'not-refillable' | 'no-date' | 'unknown'

export interface Requalification {
  status: DateStatus
  /** Last month in which it may be filled. */
  dueMonth: string | null
  /** Start month and interval of the count; null when there is none. */
  counted: { from: string; months: number; what: 'manufacture' | 'mark' | 'label' } | null
}

const UNDATED: Partial<Record<DateClass, DateStatus>> = {
  'non-refillable': 'not-refillable',
  fixed: 'no-date',
  'not-understood': 'unknown',
}

function latest(marks: readonly Mark[]): Mark | undefined {
  return marks.toSorted((a, b) => (a.month < b.month ? 1 : -1))[0]
}

/** Months that a mark gives; a letter that was not read gives the fewest. */
function monthsAfter({ letter }: Mark, { afterMonths }: RuleSet): number {
  return letter === '?' ? Math.min(...Object.values(afterMonths)) : afterMonths[letter ?? 'none']
}

function counting(dates: CylinderDates, rule: RuleSet): Requalification['counted'] {
  const mark = latest(dates.marks)
  const from = mark?.month ?? dates.manufacturedMonth
  if (!from) return null
  if (dates.dateClass === 'composite') {
    return dates.labelIntervalMonths === null ? null : { from, months: dates.labelIntervalMonths, what: 'label' }
  }
  const what = mark ? 'mark' : 'manufacture'
  if (dates.dateClass === 'high-pressure') return { from, months: rule.highPressureMonths, what }
  return { from, months: mark ? monthsAfter(mark, rule) : rule.firstMonths, what }
}

/**
 * Until when a cylinder may be filled, by a rule set.
 *
 * Months are months: ten years from 03-20 is good through the end of March 2030.
 *
 * A specification that was not understood gives no date: it may be one that is never filled again.
 *
 * @param dates - stamps and marks
 * @param rule - the rule set the owner picked
 * @param onMonth - the month to judge in, `2026-11`
 * @param untilMonth - the month the trip ends in; the same by default
 * @throws InputError at `marks` for a mark that has not come yet or is older than the cylinder
 * @see core/rules/dateRules for the sources
 */
export function requalification(
  dates: CylinderDates,
  rule: RuleSet,
  onMonth: string,
  untilMonth: string = onMonth,
): Requalification {
  for (const { month } of dates.marks) {
    if (month > onMonth) throw new InputError('marks', `A mark of ${formatMonth(month)} has not come yet.`)
    if (dates.manufacturedMonth !== null && month < dates.manufacturedMonth) {
      throw new InputError(
        'marks',
        `A mark of ${formatMonth(month)} is older than the cylinder, made ${formatMonth(dates.manufacturedMonth)}.`,
      )
    }
  }
  const undated = UNDATED[dates.dateClass]
  if (undated) return { status: undated, dueMonth: null, counted: null }

  const counted = counting(dates, rule)
  const byRule = counted && addMonths(counted.from, counted.months)
  const end = dates.dateClass === 'composite' ? dates.endOfLifeMonth : null
  const dueMonth = byRule !== null && end !== null && end < byRule ? end : byRule
  if (dueMonth === null) {
    // A composite past its end of life is overdue at any interval.
    const over = end !== null && end < onMonth
    return { status: over ? 'overdue' : 'unknown', dueMonth: over ? end : null, counted }
  }
  const status = dueMonth < onMonth ? 'overdue' : dueMonth < untilMonth ? 'due-in-trip' : 'good'
  return { status, dueMonth, counted }
}

/**
 * Until when a cylinder of the rig may be filled; unknown when its stored dates contradict each other.
 *
 * @param onDay - `2026-11-24`
 * @param untilDay - last day of the trip
 */
export function gearRequalification(cylinder: CylinderGear, onDay: string, untilDay: string = onDay): Requalification {
  const { fitness, kind } = cylinder
  const dates = { ...fitness, dateClass: findDateClass(kind, fitness.specification, fitness) }
  try {
    return requalification(dates, fitness.rule, onDay.slice(0, 7), untilDay.slice(0, 7))
  } catch (error) {
    if (error instanceof InputError) return { status: 'unknown', dueMonth: null, counted: null }
    throw error
  }
}
