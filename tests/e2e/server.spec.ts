import { expect } from '@playwright/test'
import { spawnSync } from 'node:child_process'
import fs from 'node:fs'
import http from 'node:http'
import path from 'node:path'
import { type Kettle, startKettle, test } from './kettle'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const root = path.resolve(import.meta.dirname, '..', '..')

/** A request with headers that a browser does not allow. */
function raw(
  method: string,
  place: string,
  headers: Record<string, string>,
  body = '',
): Promise<{ status: number; text: string }> {
  return new Promise((resolve, reject) => {
    const request = http.request({ host: '127.0.0.1', port: kettle.port, method, path: place, headers }, (response) => {
      let text = ''
      response.on('data', (chunk: Buffer) => (text += chunk.toString()))
      response.on('end', () => resolve({ status: response.statusCode ?? 0, text }))
    })
    request.on('error', reject)
    request.end(body)
  })
}

test('the security policy allows no inline scripts', async ({ request }) => {
  const headers = (await request.get(kettle.url)).headers()
  const policy = headers['content-security-policy'] ?? ''
  const script = policy.split('; ').find((part) => part.startsWith('script-src'))
  expect(script).toMatch(/'nonce-[\w=+/]+'/)
  expect(script).not.toMatch(/unsafe/)
  expect(policy).toContain(`frame-ancestors 'none'`)
  expect(policy).toContain(`object-src 'none'`)
  expect(policy).not.toMatch(/https?:/)
  expect(headers).toMatchObject({ 'x-content-type-options': 'nosniff' })
  expect(headers).not.toHaveProperty('x-powered-by')
  const again = (await request.get(kettle.url)).headers()['content-security-policy']
  expect(again).not.toBe(policy)
})

test('a script injected into a page does not run', async ({ page }) => {
  // As if a name from the records had been put into the page unescaped.
  await page.route(`${kettle.url}/cylinders`, async (route) => {
    const response = await route.fetch()
    const slipped = '<script>window.slipped = 1</script><img src="data:x" onerror="window.slipped = 2">'
    await route.fulfill({ response, body: (await response.text()).replace('<main', `${slipped}<main`) })
  })
  await page.goto(`${kettle.url}/cylinders`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  expect(await page.locator('img[src="data:x"]').count()).toBe(1)
  expect(await page.evaluate(() => 'slipped' in window)).toBe(false)
})

test('a foreign host, a foreign origin and a huge body are refused', async () => {
  expect((await raw('GET', '/', { host: 'evil.example' })).status).toBe(421)
  const host = `127.0.0.1:${kettle.port}`
  expect((await raw('POST', '/', { host, origin: 'http://evil.example', 'next-action': 'x' })).status).toBe(403)
  expect((await raw('POST', '/', { host, 'next-action': 'x', 'content-length': '2' }, '{}')).status).toBe(403)
  const huge = 'x'.repeat(2_000_000)
  const headers = { host, 'content-type': 'application/json', 'content-length': String(huge.length) }
  expect((await raw('POST', '/api/v1/calc/runtime', headers, huge)).status).toBe(413)
  const unsized = { host, 'content-type': 'application/json', 'transfer-encoding': 'chunked' }
  expect((await raw('POST', '/api/v1/calc/runtime', unsized, huge)).status).toBe(413)
})

test('calculations answer a program, and wrong input never with a 500 or a stack trace', async ({ request }) => {
  const call = (body: string) =>
    request.post(`${kettle.url}/api/v1/calc/contents`, {
      headers: { 'content-type': 'application/json' },
      data: Buffer.from(body),
    })
  const good = await call('{"gas":"propane","grossKg":14.24,"tareKg":8.07,"waterCapacityKg":21.59}')
  expect(good.status()).toBe(200)
  for (const body of [
    '',
    '{',
    '[]',
    '"x"',
    '{"gas":"propane"}',
    '{"gas":{"a":1},"grossKg":null}',
    '\u0000',
    '{"__proto__":{"gas":"propane"}}',
  ]) {
    const answer = await call(body)
    expect(answer.status(), body).toBe(400)
    expect(await answer.text()).not.toMatch(/node_modules|at \w+ \(/)
  }
  expect((await request.get(`${kettle.url}/api/v1/calc`)).status()).toBe(200)
  expect((await request.post(`${kettle.url}/api/v1/calc/nothing`, { data: {} })).status()).toBe(404)
})

test('the icon is at the address browsers request by default', async ({ request }) => {
  const icon = await request.get(`${kettle.url}/favicon.ico`)
  expect(icon.status()).toBe(200)
  expect(icon.headers()['content-type']).toMatch(/^image\//)
})

test('an action called with nonsense answers without a stack trace', async () => {
  const host = `127.0.0.1:${kettle.port}`
  const headers = { host, origin: `http://${host}`, 'next-action': '00'.repeat(21), 'content-type': 'text/plain' }
  const answer = await raw('POST', '/cylinders/left', { ...headers, 'content-length': '4' }, '[{}]')
  expect(answer.status).toBeLessThan(500)
  expect(answer.text).not.toContain('node_modules')
})

function start(env: Record<string, string>, script = 'scripts/start.mjs') {
  const { status, stderr } = spawnSync(process.execPath, [script], {
    cwd: root,
    env: { ...process.env, ...env },
    timeout: 60_000,
  })
  return { status, said: stderr.toString() }
}

test('a second start on a used port, a wrong port: a sentence, no stack trace', () => {
  const used = start({ GOLD_KETTLE_PORT: String(kettle.port), GOLD_KETTLE_DB: kettle.file })
  expect(used.status).toBe(1)
  expect(used.said).toMatch(/Port \d+ is in use/)
  expect(used.said).not.toMatch(/at \w+ \(/)
  expect(start({ GOLD_KETTLE_PORT: 'kettle' }).said).toMatch(/“kettle” is not a port/)
})

test('an old Node is reported before anything else', () => {
  const pretend = `Object.defineProperty(process.versions, 'node', { value: '18.19.0' }); import('./scripts/start.mjs')`
  const { status, stderr } = spawnSync(process.execPath, ['-e', pretend], { cwd: root })
  expect(status).toBe(1)
  expect(stderr.toString()).toMatch(/needs Node 20\.19 or newer; this is 18\.19\.0/)
  expect(stderr.toString().trim().split('\n')).toHaveLength(1)
})

test('unreadable records stop the start with a sentence', () => {
  const file = path.join(path.dirname(kettle.file), 'broken.db')
  for (const [content, sentence] of [
    ['', /is empty/],
    ['not a database, but long enough to look at '.repeat(40), /cannot be read as a database/],
  ] as const) {
    fs.writeFileSync(file, content)
    const { status, said } = start({ GOLD_KETTLE_PORT: '4999', GOLD_KETTLE_DB: file })
    expect(status).toBe(1)
    expect(said).toMatch(sentence)
    expect(said).not.toMatch(/at \w+ \(/)
    expect(fs.readFileSync(file, 'utf8')).toBe(content)
  }
})

test('the demo never touches an owner’s file', () => {
  const file = path.join(path.dirname(kettle.file), 'owner.db')
  const made = spawnSync(path.join(root, 'node_modules/.bin/tsx'), ['scripts/prepare.ts'], {
    cwd: root,
    env: { ...process.env, GOLD_KETTLE_DB: file },
  })
  expect(made.status).toBe(0)
  const before = fs.readFileSync(file)
  const { status, said } = start({ GOLD_KETTLE_PORT: '4999', GOLD_KETTLE_DB: file }, 'scripts/demo.mjs')
  expect(status).toBe(1)
  expect(said).toMatch(/holds an owner's records/)
  expect(fs.readFileSync(file).equals(before)).toBe(true)
})
