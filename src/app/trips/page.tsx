import { format, parseISO } from 'date-fns'
import type { Metadata } from 'next'
import { Link } from '@/ui/shell/Link'
import { redirect } from 'next/navigation'
import { formatNights } from '@/app/shared/nights'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { tripsOf } from '@/services/trips/trips'

export const metadata: Metadata = { title: 'Trips' }

export default function TripsPage() {
  const { rig } = loadRigSnapshot()
  if (!rig) redirect('/')
  const trips = tripsOf(rig.id)
  return (
    <>
      <h1>
        Trips <span className="of">· {rig.name}</span>
      </h1>
      <ul>
        {trips.map(({ id, name, startDay, nights }) => (
          <li key={id} className="mb-2">
            <Link href={`/trips/${id}`}>{name}</Link>{' '}
            <span className="hint">
              leaves {format(parseISO(startDay), 'EEE d MMM yyyy')}, {formatNights(nights)}
            </span>
          </li>
        ))}
      </ul>
      {trips.length === 0 && <p>None planned yet.</p>}
      <Link className="btn btn-primary" href="/trips/new">
        Plan a trip
      </Link>
    </>
  )
}
