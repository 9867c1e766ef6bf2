import { expect } from '@playwright/test'
import Sqlite from 'better-sqlite3'
import { spawn, spawnSync } from 'node:child_process'
import fs from 'node:fs'
import http from 'node:http'
import net from 'node:net'
import path from 'node:path'
import { type Kettle, sendRaw, startKettle, test } from '@tests/e2e/kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const root = path.resolve(import.meta.dirname, '..', '..', '..')

const raw = (method: string, place: string, headers: Record<string, string>, body = '') =>
  sendRaw(kettle, method, place, headers, body)

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

test('a foreign database stops the start with a sentence, and is not touched', () => {
  const file = path.join(path.dirname(kettle.file), 'recipes.db')
  const other = new Sqlite(file)
  other.exec('CREATE TABLE recipes (id INTEGER)')
  other.close()
  const before = fs.readFileSync(file)
  const { status, said } = start({ GOLD_KETTLE_PORT: '4999', GOLD_KETTLE_DB: file })
  expect(status).toBe(1)
  expect(said).toMatch(/database of another program/)
  expect(said).not.toMatch(/at \w+ \(/)
  expect(fs.readFileSync(file).equals(before)).toBe(true)
})

test('a second start on the same file, from another port, is refused with a sentence', () => {
  const { status, said } = start({ GOLD_KETTLE_PORT: '4998', GOLD_KETTLE_DB: kettle.file })
  expect(status).toBe(1)
  expect(said).toMatch(/already running with the file/)
})

test('two starts on an empty folder: one wins, the other says why', async () => {
  const file = path.join(path.dirname(kettle.file), 'both', 'records.db')
  const starts = ['4996', '4997'].map((port) => {
    const child = spawn(process.execPath, ['scripts/start.mjs'], {
      cwd: root,
      env: { ...process.env, GOLD_KETTLE_PORT: port, GOLD_KETTLE_DB: file },
    })
    let said = ''
    child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()))
    child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()))
    const ended = new Promise<number | null>((resolve) => child.once('exit', resolve))
    return { child, ended, said: () => said }
  })
  const first = await Promise.race(starts.map(async (one) => ({ one, code: await one.ended })))
  expect(first.code).toBe(1)
  expect(first.one.said()).toMatch(/already running with the file/)
  const other = starts.find((one) => one !== first.one)
  await expect.poll(() => other?.said()).toMatch(/Gold Kettle is at/)
  other?.child.kill('SIGTERM')
  expect(await other?.ended).toBe(0)
})

test('bound beyond this machine without a passcode: refused with a sentence', () => {
  const file = path.join(path.dirname(kettle.file), 'open.db')
  const { status, said } = start({ GOLD_KETTLE_PORT: '4999', GOLD_KETTLE_DB: file, GOLD_KETTLE_BIND: '0.0.0.0' })
  expect(status).toBe(1)
  expect(said).toMatch(/Set a passcode of at least 8 characters first: npm run passcode/)
})

test('an address that cannot be read is answered with 400, not with 500', async () => {
  const host = `127.0.0.1:${kettle.port}`
  for (const place of [
    '/%',
    '/%E0%A4%A',
    '/photos/%ff',
    '/cylinders/%2e%2e%2fx',
    '/a\\b',
    '//evil.example/',
    '/_next/static/..%2f..%2fpackage.json',
    '/%00',
  ])
    expect([place, (await raw('GET', place, { host })).status]).toEqual([place, 400])
})

test('no path passes the guard but the program’s own files', async () => {
  for (const place of ['/icon.svgx', '/icon.svg/x', '/_next/static', '/_next/image', '/favicon.ico', '/icon.svg?x'])
    expect([place, (await raw('GET', place, { host: 'evil.example' })).status]).toEqual([
      place,
      place.startsWith('/icon.svg?') ? 200 : 421,
    ])
  const page = await raw('GET', '/icon.svgx', { host: `127.0.0.1:${kettle.port}` })
  expect(page.headers['content-security-policy']).toContain(`frame-ancestors 'none'`)
  expect(page.headers).toMatchObject({
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
  })
})

test('headers by which a proxy speaks for others are not believed', async () => {
  const host = `127.0.0.1:${kettle.port}`
  const forged = { host: 'evil.example', 'x-forwarded-host': host, 'x-forwarded-for': '127.0.0.1' }
  expect((await raw('GET', '/', forged)).status).toBe(421)
  const headers = { host, origin: 'http://evil.example', 'x-forwarded-host': 'evil.example', 'next-action': 'x' }
  expect((await raw('POST', '/', headers)).status).toBe(403)
})

test('stopped while it works: what runs is finished, the rest is told to come again, one file has everything', async ({
  page,
}) => {
  const own = await startKettle('demo')
  await page.goto(`${own.url}/cylinders/left`)
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('29.9')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText('Weighing of Left cylinder saved')).toBeVisible()
  // A connection that stays open, and a half-open one.
  const agent = new http.Agent({ keepAlive: true, maxSockets: 1 })
  const host = `127.0.0.1:${own.port}`
  const ask = (): Promise<number> =>
    new Promise((resolve, reject) => {
      const request = http.get(
        { host: '127.0.0.1', port: own.port, path: '/log', agent, headers: { host } },
        (response) => {
          response.resume()
          response.on('end', () => resolve(response.statusCode ?? 0))
        },
      )
      request.on('error', reject)
    })
  expect(await ask()).toBe(200)
  const halfOpen = net.connect(own.port, '127.0.0.1')
  halfOpen.on('error', () => undefined)
  halfOpen.write('POST /x HTTP/1.1\r\nHost: ')
  const running = Array.from({ length: 4 }, () => ask().catch(() => 0))
  await page.waitForTimeout(30)
  expect(await own.terminate()).toBe(0)
  // Each was answered, or its connection was closed before it was read; none was cut off in the middle.
  expect((await Promise.all(running)).filter((status) => ![200, 503, 0].includes(status))).toEqual([])
  halfOpen.destroy()

  const copy = await startKettle('empty', {}, (file) => fs.copyFileSync(own.file, file))
  expect(fs.existsSync(`${own.file}-wal`)).toBe(false)
  await page.goto(`${copy.url}/cylinders/left`)
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('29.9 lb')
  await copy.stop()
  await own.stop()
})

test('on a full disk what was typed stays in its field, is not called saved, and is saved when there is room', async ({
  page,
}) => {
  const own = await startKettle('demo')
  await page.goto(`${own.url}/cylinders/left`)
  // As on a full disk: no file may grow.
  const limit = (bytes: string) => spawnSync('prlimit', ['--pid', String(own.pid()), `--fsize=${bytes}`])
  expect(limit('1:unlimited').status).toBe(0)
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('29.9')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Not saved' })).toBeVisible()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('29.9')
  await expect(page.getByRole('region', { name: sharedLabels.history })).not.toContainText('29.9 lb')
  await page.reload()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('29.9')
  limit('unlimited:unlimited')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('29.9 lb')
  await own.stop()
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
