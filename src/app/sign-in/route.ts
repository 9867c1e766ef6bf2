import { escapeHtml, plainPage } from '@/app/plainPage'
import { readBody } from '@/app/api/v1/readBody'
import { sessionCookie } from '@/services/access/circumstances'
import { signIn } from '@/services/access/passcode'

const MAX_FORM_BYTES = 4096

function page(request: Request, issue: string | null, status = 200): Response {
  const said = issue === null ? '' : `<p class="issue" role="alert" id="issue">${escapeHtml(issue)}</p>`
  return plainPage(
    request,
    'Sign in',
    `${said}<form method="post"><label for="passcode">Passcode</label>
<input id="passcode" name="passcode" type="password" autocomplete="current-password" required maxlength="200" autofocus${issue === null ? '' : ' aria-describedby="issue"'}>
<button>Sign in</button></form>`,
    status,
  )
}

/** The sign-in page of a server that other machines reach. */
export function GET(request: Request): Response {
  return page(request, null)
}

/** Tries a passcode; the right one gives the browser a session. */
export async function POST(request: Request): Promise<Response> {
  const body = await readBody(request, MAX_FORM_BYTES)
  if (body === null) return page(request, 'That is too long for a passcode.', 413)
  const passcode = new URLSearchParams(body.toString('utf8')).get('passcode') ?? ''
  const result = await signIn(passcode, new Date())
  if (result.outcome === 'wrong') return page(request, 'The passcode is wrong. Try again.', 401)
  if (result.outcome === 'paused') {
    const response = page(request, `Too many wrong tries. Try again in ${result.seconds} seconds.`, 429)
    response.headers.set('retry-after', String(result.seconds))
    return response
  }
  const cookie = sessionCookie(result.token, result.maxAgeS)
  return new Response(null, {
    status: 303,
    headers: { location: '/', 'set-cookie': cookie, 'cache-control': 'no-store' },
  })
}
