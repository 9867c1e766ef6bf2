import { Link } from '@/ui/shell/Link'

/** What stands here before a line is drawn. */
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
