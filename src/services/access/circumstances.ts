import { isSignedIn } from './passcode'
import type { Circumstances } from './requestGuard'
import { binding, isLoopback, servedHosts } from './servedHosts'

const SESSION_COOKIE = 'gold-kettle-session'

/** The header that gives a browser its session, or with an empty token takes it away. */
export function sessionCookie(token: string, maxAgeS: number): string {
  return `${SESSION_COOKIE}=${token}; Path=/; Max-Age=${maxAgeS}; HttpOnly; SameSite=Strict`
}

/** Header by which server.mjs says from which address a request came; it removes what the sender wrote there. */
export const SENDER_HEADER = 'x-gold-kettle-sender'

function cookie(header: string | null, name: string): string | undefined {
  const found = (header ?? '').split(';').find((one) => one.trim().startsWith(`${name}=`))
  return found?.trim().slice(name.length + 1)
}

/** What is known of the sender of a request with these headers. */
export function circumstances(header: (name: string) => string | null, now: Date): Circumstances {
  const { isOpen } = binding()
  const sender = header(SENDER_HEADER)
  return {
    hosts: servedHosts(),
    isOpen,
    isSignedIn: isOpen && isSignedIn(cookie(header('cookie'), SESSION_COOKIE), now),
    // A server that only this machine reaches has no other senders.
    isLocal: !isOpen || (sender !== null && isLoopback(sender)),
  }
}
