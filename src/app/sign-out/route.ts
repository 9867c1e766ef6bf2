import { SESSION_COOKIE } from '@/services/access/circumstances'
import { signOutEverywhere } from '@/services/access/passcode'

/** Signs out every browser. */
export function POST(): Response {
  signOutEverywhere()
  const cookie = `${SESSION_COOKIE}=; Path=/; Max-Age=0; HttpOnly; SameSite=Strict`
  return new Response(null, { status: 303, headers: { location: '/sign-in', 'set-cookie': cookie } })
}
