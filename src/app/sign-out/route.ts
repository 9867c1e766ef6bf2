import { sessionCookie } from '@/services/access/circumstances'
import { signOutEverywhere } from '@/services/access/passcode'

/** Signs out every browser. */
export function POST(): Response {
  signOutEverywhere()
  return new Response(null, { status: 303, headers: { location: '/sign-in', 'set-cookie': sessionCookie('', 0) } })
}
