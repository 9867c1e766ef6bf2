import { Link } from '@/ui/shell/Link'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Shown when there is no cylinder. */
export function NoCylinderYet() {
  return (
    <p>
      No cylinder is entered yet. <Link href="/cylinders/new">Enter the first</Link> as it is stamped on its collar;
      then its stop weight stands here.
    </p>
  )
}

/** Shown when there is no room. */
export function NoRoomYet() {
  return (
    <div className="plate">
      <p className="mb-2">No room is drawn yet: its walls and openings are what is judged here.</p>
      <Link className="btn btn-primary" href="/heat?room=new">
        {sharedLabels.drawTheRoom}
      </Link>
    </div>
  )
}

/** Shown when there is no line. */
export function NoLineYet() {
  return (
    <p className="lead">
      No line is drawn yet.{' '}
      <Link className="btn btn-quiet" href="/hookup?line=new">
        Draw the first one
      </Link>
    </p>
  )
}

/** Shown when there is no trip. */
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
