import { Link } from '@/ui/shell/Link'

/** Nothing can be judged without a room. */
export function NoRoomYet() {
  return (
    <div className="plate">
      <p className="mb-2">No room is drawn yet: its walls and openings are what is judged here.</p>
      <Link className="btn btn-primary" href="/heat?room=new">
        Draw the room
      </Link>
    </div>
  )
}
