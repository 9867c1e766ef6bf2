import { requestGuard } from '@/app/requestGuard'

function judge(method: string, headers: Record<string, string>, path = '/', further = ''): number | null {
  const refusal = requestGuard({ method, path, header: (name) => headers[name] ?? null }, further)
  return refusal?.status ?? null
}

const home = { host: '127.0.0.1:4680' }
const own = { ...home, origin: 'http://127.0.0.1:4680', 'content-length': '10' }

test('own host names are served, others are not', () => {
  for (const host of ['localhost', 'LOCALHOST:80', '127.0.0.1:4680', '[::1]:4680'])
    expect(judge('GET', { host })).toBeNull()
  for (const host of ['', 'evil.example', '127.0.0.1.evil.example', 'localhost.evil.example:4680', '::1']) {
    expect(judge('GET', { host })).toBe(421)
  }
})

test('the owner can allow further host names; an empty list allows none', () => {
  expect(judge('GET', { host: 'van.local:4680' }, '/', ' van.local , 192.168.4.2')).toBeNull()
  expect(judge('GET', { host: '192.168.4.2' }, '/', 'van.local,192.168.4.2')).toBeNull()
  expect(judge('GET', { host: '' }, '/', ',')).toBe(421)
})

test('a change must come from the application’s own pages', () => {
  expect(judge('POST', own)).toBeNull()
  expect(judge('POST', { ...own, origin: 'http://evil.example' })).toBe(403)
  expect(judge('POST', { ...own, origin: 'http://127.0.0.1:9999' })).toBe(403)
  expect(judge('POST', { ...own, origin: 'null' })).toBe(403)
  expect(judge('POST', { ...home, 'content-length': '1' })).toBe(403)
  expect(judge('DELETE', home)).toBe(403)
  expect(judge('POST', { ...own, 'sec-fetch-site': 'cross-site' })).toBe(403)
  expect(judge('POST', { ...own, 'sec-fetch-site': 'same-origin' })).toBeNull()
})

test('a calculation may be called by a program, but not by a foreign page', () => {
  const path = '/api/v1/calc/runtime'
  expect(judge('POST', { ...home, 'content-length': '1' }, path)).toBeNull()
  expect(judge('POST', { ...own, origin: 'http://evil.example' }, path)).toBe(403)
})

test('a body must be small; one without a length is left to Next, which limits it', () => {
  expect(judge('POST', { ...home, origin: own.origin, 'transfer-encoding': 'chunked' })).toBeNull()
  expect(judge('POST', { ...own, 'content-length': '1048577' })).toBe(413)
  expect(judge('POST', { ...own, 'content-length': 'many' })).toBe(413)
  expect(judge('POST', { ...own, 'content-length': '1048576' })).toBeNull()
})

test('the two import routes accept a large body, no other route does', () => {
  const large = { ...own, 'content-length': String(60 * 1024 * 1024) }
  for (const path of ['/api/v1/import', '/api/v1/restore']) {
    expect(judge('POST', large, path)).toBeNull()
    expect(judge('POST', { ...own, 'content-length': String(66 * 1024 * 1024) }, path)).toBe(413)
    expect(judge('POST', { ...home, 'content-length': '1' }, path)).toBe(403)
  }
  expect(judge('POST', large, '/api/v1/importer')).toBe(413)
  expect(judge('POST', large, '/api/v1/calc/readiness')).toBe(413)
})
