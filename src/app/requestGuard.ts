const HOME_NAMES = ['localhost', '127.0.0.1', '[::1]']
const READING = ['GET', 'HEAD', 'OPTIONS']
const MAX_BODY_BYTES = 1024 * 1024
/** An import may be large. */
const MAX_FILE_BYTES = 65 * 1024 * 1024
const TAKES_FILES = ['/api/v1/import', '/api/v1/restore']

/** What is looked at in a request before anything else is. */
export interface Arrival {
  method: string
  path: string
  header: (name: string) => string | null
}

/** Why a request is turned away; null when it may pass. */
export type Refusal = { status: number; sentence: string } | null

function hostName(host: string): string {
  return host.replace(/:\d+$/, '').toLowerCase()
}

/**
 * Lets a request pass or turns it away: known Host, own Origin on every change, body of a bearable size.
 *
 * @param arrival - the request
 * @param furtherHosts - further allowed host names, comma-separated
 */
export function requestGuard({ method, path, header }: Arrival, furtherHosts: string): Refusal {
  const host = header('host') ?? ''
  const further = furtherHosts.split(',').map((name) => name.trim().toLowerCase())
  const allowed = [...HOME_NAMES, ...further].filter((name) => name !== '')
  if (!allowed.includes(hostName(host))) {
    return { status: 421, sentence: 'This name is not served here. Set GOLD_KETTLE_HOSTS to allow it.' }
  }
  if (READING.includes(method)) return null

  const origin = header('origin')
  const site = header('sec-fetch-site')
  // Calculations change nothing, so programs may call them.
  const needsOrigin = !path.startsWith('/api/v1/calc/')
  const foreign = origin === null ? needsOrigin : !URL.canParse(origin) || new URL(origin).host !== host
  if (foreign || site === 'cross-site' || site === 'same-site') {
    return { status: 403, sentence: 'A change must come from this application’s own pages.' }
  }
  // A body without a length is limited by Next at the same size; its own forwarded actions have none.
  const length = header('content-length')
  const longest = TAKES_FILES.includes(path) ? MAX_FILE_BYTES : MAX_BODY_BYTES
  if (length !== null && !(Number(length) <= longest)) {
    return { status: 413, sentence: 'The body is too large.' }
  }
  return null
}
