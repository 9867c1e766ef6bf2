import { NextRequest } from 'next/server'
import { proxy } from '@/proxy'

function arrive(url: string, init: { method?: string; headers?: Record<string, string> } = {}): Response {
  return proxy(new NextRequest(url, { ...init, headers: { host: new URL(url).host, ...init.headers } }))
}

function directive(response: Response, name: string): string {
  const policy = response.headers.get('content-security-policy') ?? ''
  return policy.split('; ').find((part) => part.startsWith(`${name} `)) ?? ''
}

test('a page gets a policy with its own nonce', () => {
  const first = arrive('http://127.0.0.1:4680/')
  const second = arrive('http://127.0.0.1:4680/')
  expect(directive(first, 'script-src')).toMatch(/'nonce-[^']{20,}' 'strict-dynamic'$/)
  expect(directive(first, 'script-src')).not.toBe(directive(second, 'script-src'))
  expect(directive(first, 'default-src')).toBe(`default-src 'self'`)
  expect(directive(first, 'base-uri')).toBe(`base-uri 'none'`)
})

test('only style attributes may be inline', () => {
  const response = arrive('http://localhost:4680/run')
  expect(directive(response, 'style-src-attr')).toBe(`style-src-attr 'unsafe-inline'`)
  expect(directive(response, 'style-src')).not.toContain('unsafe')
  expect(directive(response, 'script-src')).not.toContain('unsafe')
})

test('a refused request gets a problem document and no page', async () => {
  const refused = arrive('http://evil.example/')
  expect(refused.status).toBe(421)
  expect(refused.headers.get('content-type')).toBe('application/problem+json')
  expect(await refused.json()).toMatchObject({ status: 421, issues: [] })
  expect(arrive('http://127.0.0.1:4680/', { method: 'POST', headers: { origin: 'http://evil.example' } }).status).toBe(
    403,
  )
})

test('names the owner allows come from the settings', () => {
  const before = process.env.GOLD_KETTLE_HOSTS
  process.env.GOLD_KETTLE_HOSTS = 'van.local'
  expect(arrive('http://van.local:4680/').status).toBe(200)
  if (before === undefined) delete process.env.GOLD_KETTLE_HOSTS
  else process.env.GOLD_KETTLE_HOSTS = before
  expect(arrive('http://van.local:4680/').status).toBe(421)
})
