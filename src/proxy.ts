import { NextResponse, type NextRequest } from 'next/server'
import { recordsProblem } from '@/records/runningRecords'
import { circumstances } from '@/services/access/circumstances'
import { requestGuard, SIGN_IN, within } from '@/services/access/requestGuard'

function policy(nonce: string): string {
  const development = process.env.NODE_ENV === 'development'
  return [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? ` 'unsafe-eval'` : ''}`,
    development ? `style-src 'self' 'unsafe-inline'` : `style-src 'self' 'nonce-${nonce}'`,
    // Charts and drawings place their parts by style attributes.
    `style-src-attr 'unsafe-inline'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    `worker-src 'self'`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ')
}

/** A browser that asks for a page is led on; a program gets its answer. */
function isPageRequest(request: NextRequest): boolean {
  return request.method === 'GET' && (request.headers.get('accept') ?? '').includes('text/html')
}

/** Pages that work while the records cannot be read. */
const WITHOUT_RECORDS = ['/recovery', SIGN_IN, '/api/v1/calc']

/** First look at every request: who asks, from where, how much; then the security policy of the page. */
export function proxy(request: NextRequest): Response {
  const path = request.nextUrl.pathname
  const header = (name: string): string | null => request.headers.get(name)
  const refusal = requestGuard({ method: request.method, path, header }, circumstances(header, new Date()))
  if (refusal?.status === 401 && isPageRequest(request)) {
    return NextResponse.redirect(`http://${header('host')}${SIGN_IN}`, 303)
  }
  const isDamaged = recordsProblem() !== null && !within(path, WITHOUT_RECORDS)
  if (!refusal && isDamaged && isPageRequest(request)) {
    return NextResponse.redirect(`http://${header('host')}/recovery`, 303)
  }
  if (refusal || isDamaged) {
    const status = refusal?.status ?? 503
    const title = refusal?.sentence ?? 'The records cannot be read. Open /recovery in a browser.'
    return Response.json(
      { title, status, issues: [] },
      { status, headers: { 'content-type': 'application/problem+json' } },
    )
  }

  const contentSecurityPolicy = policy(btoa(crypto.randomUUID()))
  const headers = new Headers(request.headers)
  // Next reads the nonce out of this header and puts it on its own scripts.
  headers.set('content-security-policy', contentSecurityPolicy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', contentSecurityPolicy)
  return response
}

/** Only the program's own files pass without a look: scripts and styles, and the icon. */
export const config = { matcher: '/((?!_next/static/|icon\\.svg$).*)' }
