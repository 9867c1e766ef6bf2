/** Text as HTML shows it. */
export function escapeHtml(text: string): string {
  return text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)
}

const STYLE = `body{margin:0;background:#f7f1e1;color:#17302b;font:1.0625rem/1.5 system-ui,sans-serif}
main{max-width:44rem;margin:0 auto;padding:1.5rem 1rem 4rem}
h1{font:700 1.75rem/1.2 Georgia,serif}h2{font:700 1.25rem/1.3 Georgia,serif;margin-top:2rem}
table{border-collapse:collapse;width:100%}td,th{padding:.25rem .5rem;border-bottom:1px solid #b9ad8d;text-align:left}
td.number,th.number{text-align:right;font-variant-numeric:tabular-nums}
button{min-height:2.75rem;padding:0 1rem;border:2px solid #17302b;border-radius:.375rem;background:#17302b;color:#fff;font:inherit;font-weight:600}
table+form,td form{margin:1rem 0}td form{margin:0;text-align:right}
input{display:block;width:100%;box-sizing:border-box;min-height:2.75rem;margin:.25rem 0 1rem;padding:0 .5rem;border:2px solid #17302b;border-radius:.375rem;background:#fff;color:inherit;font:inherit}
input[type=file]{border-style:dashed;padding:.5rem}
label{font-weight:600}.issue{border-left:.375rem solid #a3261b;padding-left:.75rem;font-weight:600}
:focus-visible{outline:3px solid #b8860b;outline-offset:2px}`

/**
 * A page without scripts, records or layout, for when those cannot be used.
 *
 * @param request - whose policy names the nonce of the styles
 * @param body - HTML, escaped where needed
 */
export function plainPage(request: Request, title: string, body: string, status = 200): Response {
  const nonce = /'nonce-([^']+)'/.exec(request.headers.get('content-security-policy') ?? '')?.[1] ?? ''
  const html = `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escapeHtml(title)} · Gold Kettle</title><style nonce="${escapeHtml(nonce)}">${STYLE}</style></head>
<body><main><h1>${escapeHtml(title)}</h1>${body}</main></body></html>
`
  return new Response(html, {
    status,
    headers: { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' },
  })
}
