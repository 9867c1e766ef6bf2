import { formatMonth } from '@/core/time/months'
import type { DateStatus, Requalification } from '@/core/cylinders/dates/requalification'
import { StateMark, type MarkState } from '@/ui/figures/StateMark'

const marks: Readonly<Record<DateStatus, MarkState>> = {
  good: 'ready',
  'due-in-trip': 'fix-first',
  overdue: 'stop',
  'not-refillable': 'note',
  'no-date': 'note',
  unknown: 'fix-first',
}

/** A date's status in a few words. */
export function dueText({ status, dueMonth }: Pick<Requalification, 'status' | 'dueMonth'>): string {
  const month = formatMonth(dueMonth ?? '')
  switch (status) {
    case 'good':
    case 'due-in-trip':
      return `good through ${month}`
    case 'overdue':
      return `out of date since ${month}: use up, do not fill`
    case 'not-refillable':
      return 'not refillable: no date'
    case 'no-date':
      return 'fixed tank: no date'
    case 'unknown':
      return 'date not known'
  }
}

/** Until when a cylinder may be filled, with its mark. */
export function DueText(due: Pick<Requalification, 'status' | 'dueMonth'>) {
  return (
    <span className="due-words">
      <StateMark state={marks[due.status]} size={18} /> {dueText(due)}
    </span>
  )
}
