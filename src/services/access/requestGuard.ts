const READING = ['GET', 'HEAD', 'OPTIONS']
const MAX_BODY_BYTES = 1024 * 1024
/** An import may be large. */
const MAX_FILE_BYTES = 65 * 1024 * 1024
const TAKES_FILES = ['/api/v1/import', '/api/v1/restore', '/recovery']

/** Where the whole of the records goes in or out; from this machine only. */
const WHOLE_RECORDS = ['/api/v1/import', '/api/v1/restore', '/api/v1/backup', '/api/v1/export', '/recovery']

/** Open to a browser that is not signed in. */
export const SIGN_IN = '/sign-in'

/** What is looked at in a request before anything else is. */
export interface Arrival {
  method: string
  path: string
  header: (name: string) => string | null
}

/** What the server knows of itself and of the sender. */
export interface Circumstances {
  /** Host headers that are answered; without a port any port fits. */
  hosts: readonly string[]
  /** Whether other machines reach the server, so that everybody has to sign in. */
  isOpen: boolean
  isSignedIn: boolean
  /** Whether the request comes from this machine. */
  isLocal: boolean
}

/** Why a request is turned away; null when it may pass. */
export type Refusal = { status: number; sentence: string } | null

function isServed(host: string, hosts: readonly string[]): boolean {
  const asked = host.toLowerCase()
  return hosts.some((served) => served === asked || (!/:\d+$/.test(served) && asked.replace(/:\d+$/, '') === served))
}

/** Whether a path is one of these or below it. */
export const within = (path: string, roots: readonly string[]): boolean =>
  roots.some((root) => path === root || path.startsWith(`${root}/`))

/** A page of another site may lead here by a link, and may load or send nothing. */
function isForeign({ method, path, header }: Arrival, host: string): boolean {
  const site = header('sec-fetch-site')
  const isFromElsewhere = site === 'cross-site' || site === 'same-site'
  if (READING.includes(method)) {
    return isFromElsewhere && (header('sec-fetch-mode') !== 'navigate' || within(path, WHOLE_RECORDS))
  }
  const origin = header('origin')
  // Calculations change nothing, so programs may call them.
  const needsOrigin = !path.startsWith('/api/v1/calc/')
  return isFromElsewhere || (origin === null ? needsOrigin : origin !== `http://${host}`)
}

/**
 * Lets a request pass or turns it away: Host and Origin in full, a signed-in sender when the server is open to the
 * network, the whole records only from this machine, a body of a bearable size.
 */
export function requestGuard(arrival: Arrival, { hosts, isOpen, isSignedIn, isLocal }: Circumstances): Refusal {
  const { method, path, header } = arrival
  const host = header('host') ?? ''
  if (!isServed(host, hosts)) {
    return { status: 421, sentence: 'This name is not served here. Set GOLD_KETTLE_HOSTS to allow it.' }
  }
  if (isForeign(arrival, host)) {
    return { status: 403, sentence: 'A change must come from this application’s own pages.' }
  }
  if (isOpen && !isSignedIn && path !== SIGN_IN) return { status: 401, sentence: 'Sign in first.' }
  if (!isLocal && within(path, WHOLE_RECORDS)) {
    return {
      status: 403,
      sentence: 'Export, import, backup and restore work only on the machine that has the records.',
    }
  }
  if (READING.includes(method)) return null
  // A body without a length is limited by Next at the same size; its own forwarded actions have none.
  const length = header('content-length')
  const longest = TAKES_FILES.includes(path) ? MAX_FILE_BYTES : MAX_BODY_BYTES
  if (length !== null && !(Number(length) <= longest)) {
    return { status: 413, sentence: 'The body is too large.' }
  }
  return null
}
