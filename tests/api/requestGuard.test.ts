import { type Circumstances, requestGuard } from '@/services/access/requestGuard'

const circumstances: Circumstances = {
  hosts: ['localhost:4680', '127.0.0.1:4680', '[::1]:4680', '192.168.4.2:4680'],
  isOpen: false,
  isSignedIn: false,
  isLocal: true,
}

function judge(
  method: string,
  headers: Record<string, string>,
  path = '/',
  other: Partial<Circumstances> = {},
): number | null {
  const arrival = { method, path, header: (name: string) => headers[name] ?? null }
  return requestGuard(arrival, { ...circumstances, ...other })?.status ?? null
}

const home = { host: '127.0.0.1:4680' }
const own = { ...home, origin: 'http://127.0.0.1:4680', 'content-length': '10' }

test('a served host is compared in full, with its port', () => {
  for (const host of ['localhost:4680', 'LOCALHOST:4680', '127.0.0.1:4680', '[::1]:4680', '192.168.4.2:4680'])
    expect(judge('GET', { host })).toBeNull()
  for (const host of [
    '',
    'localhost',
    'localhost:80',
    '127.0.0.1:46800',
    'evil.example',
    'evil.example:4680',
    '127.0.0.1.evil.example:4680',
    'localhost.evil.example:4680',
    '::1',
    'user@localhost:4680',
  ]) {
    expect([host, judge('GET', { host })]).toEqual([host, 421])
  }
})

test('without a port of its own, as in development, a home name is served at any port', () => {
  expect(judge('GET', { host: 'localhost:3000' }, '/', { hosts: ['localhost'] })).toBeNull()
  expect(judge('GET', { host: 'evil.example:3000' }, '/', { hosts: ['localhost'] })).toBe(421)
})

test('a page of another site may lead here, and may load or fetch nothing', () => {
  const elsewhere = { ...home, 'sec-fetch-site': 'cross-site' }
  expect(judge('GET', { ...elsewhere, 'sec-fetch-mode': 'navigate' })).toBeNull()
  expect(judge('GET', { ...elsewhere, 'sec-fetch-mode': 'no-cors' }, '/photos/left')).toBe(403)
  expect(judge('GET', { ...elsewhere, 'sec-fetch-mode': 'cors' }, '/api/v1/calc')).toBe(403)
  for (const path of ['/api/v1/backup', '/api/v1/export', '/api/v1/export/csv/fills.csv', '/recovery']) {
    expect(judge('GET', { ...elsewhere, 'sec-fetch-mode': 'navigate' }, path)).toBe(403)
    expect(judge('GET', { ...home, 'sec-fetch-site': 'same-origin' }, path)).toBeNull()
    expect(judge('GET', home, path)).toBeNull()
  }
})

describe('a server that other machines reach', () => {
  const open = { isOpen: true, isLocal: false }

  test('answers nobody who is not signed in, but for the page to sign in', () => {
    for (const path of ['/', '/api/v1/calc', '/photos/x', '/sign-out', '/sign-in/else', '/icon.svgx']) {
      expect([path, judge('GET', home, path, open)]).toEqual([path, 401])
      expect([path, judge('POST', own, path, open)]).toEqual([path, 401])
      expect([path, judge('POST', own, path, { isOpen: true })]).toEqual([path, 401])
    }
    expect(judge('GET', home, '/sign-in', open)).toBeNull()
    expect(judge('POST', own, '/sign-in', open)).toBeNull()
    expect(judge('POST', { ...own, origin: 'http://evil.example' }, '/sign-in', open)).toBe(403)
  })

  test('gives and takes the whole records only on its own machine', () => {
    const signedIn = { ...open, isSignedIn: true }
    expect(judge('GET', home, '/', signedIn)).toBeNull()
    for (const path of ['/api/v1/backup', '/api/v1/export', '/api/v1/export/rig/x', '/recovery']) {
      expect(judge('GET', home, path, signedIn)).toBe(403)
      expect(judge('GET', home, path, { ...signedIn, isLocal: true })).toBeNull()
    }
    for (const path of ['/api/v1/import', '/api/v1/restore', '/recovery']) {
      expect(judge('POST', own, path, signedIn)).toBe(403)
      expect(judge('POST', own, path, { ...signedIn, isLocal: true })).toBeNull()
    }
  })
})

test('a change must come from the application’s own pages', () => {
  expect(judge('POST', own)).toBeNull()
  expect(judge('POST', { ...own, origin: 'http://evil.example' })).toBe(403)
  expect(judge('POST', { ...own, origin: 'http://127.0.0.1:9999' })).toBe(403)
  expect(judge('POST', { ...own, origin: 'null' })).toBe(403)
  expect(judge('POST', { ...own, origin: 'https://127.0.0.1:4680' })).toBe(403)
  expect(judge('POST', { ...own, origin: 'http://localhost:4680' })).toBe(403)
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

test('the routes that take files accept a large body, no other route does', () => {
  const large = { ...own, 'content-length': String(60 * 1024 * 1024) }
  for (const path of ['/api/v1/import', '/api/v1/restore', '/recovery']) {
    expect(judge('POST', large, path)).toBeNull()
    expect(judge('POST', { ...own, 'content-length': String(66 * 1024 * 1024) }, path)).toBe(413)
    expect(judge('POST', { ...home, 'content-length': '1' }, path)).toBe(403)
  }
  expect(judge('POST', large, '/api/v1/importer')).toBe(413)
  expect(judge('POST', large, '/api/v1/calc/readiness')).toBe(413)
})
