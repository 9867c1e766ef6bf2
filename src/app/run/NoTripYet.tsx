import { Link } from '@/ui/shell/Link'

/** Hours, weather and nights are of a trip. */
export function NoTripYet() {
  return (
    <div className="plate">
      <p className="mb-2">No trip is planned. Its nights, weather and hours are worked out here.</p>
      <Link className="btn btn-primary" href="/trips/new">
        Plan a trip
      </Link>
    </div>
  )
}
