import { Link } from '@/ui/shell/Link'

export default function NotFound() {
  return (
    <>
      <h1>Not here</h1>
      <p>
        Nothing stands at this address. It may have been put away. <Link href="/cylinders">To the cylinders</Link> or{' '}
        <Link href="/">to the trip</Link>.
      </p>
    </>
  )
}
