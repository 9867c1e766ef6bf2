import { NextResponse, type NextRequest } from 'next/server'
import { requestGuard } from '@/app/requestGuard'

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

/** First look at every request: who asks, from where, how much; then the security policy of the page. */
export function proxy(request: NextRequest): Response {
  const refusal = requestGuard(
    { method: request.method, path: request.nextUrl.pathname, header: (name) => request.headers.get(name) },
    process.env.GOLD_KETTLE_HOSTS ?? '',
  )
  if (refusal) {
    return Response.json(
      { title: refusal.sentence, status: refusal.status, issues: [] },
      { status: refusal.status, headers: { 'content-type': 'application/problem+json' } },
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

export const config = { matcher: '/((?!_next/static|icon.svg).*)' }
