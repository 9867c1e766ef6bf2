import { Link } from '@/ui/shell/Link'
import { formatMonth } from '@/core/time/months'
import type { DueDate } from '@/core/trip/tasks/dueDates'
import { remedyHref } from '@/ui/figures/remedyHref'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** What has its last month before the trip is over. */
export function DueBeforeEnd({ due }: { due: readonly DueDate[] }) {
  return (
    <section className="mt-4" aria-label={tripsLabels.dueBeforeTheTripsEnd}>
      <h2>{tripsLabels.dueBeforeTheTripsEnd}</h2>
      <ul className="due-list">
        {due.map(({ id, title, why, month, remedy }) => (
          <li key={id}>
            <b>{formatMonth(month)}</b> <Link href={remedyHref(remedy)}>{title}</Link>{' '}
            <span className="hint">{why}</span>
          </li>
        ))}
      </ul>
      {due.length === 0 && <p>{tripsLabels.nothing}</p>}
      <p>
        <Link href="/log/dates">All dates, for your calendar too</Link>
      </p>
    </section>
  )
}
