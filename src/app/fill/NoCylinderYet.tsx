import { Link } from '@/ui/shell/Link'

/** Nothing to fill yet. */
export function NoCylinderYet() {
  return (
    <p>
      No cylinder is entered yet. <Link href="/cylinders/new">Enter the first</Link> as it is stamped on its collar;
      then its stop weight stands here.
    </p>
  )
}
