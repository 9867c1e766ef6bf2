import { expect } from '@playwright/test'
import { spawnSync } from 'node:child_process'
import os from 'node:os'
import path from 'node:path'
import { builtActions, builtRoutes } from './builtRoutes'
import { gravelyWrong, type Kettle, sendRaw, startKettle, test } from '@tests/e2e/kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const PASSCODE = 'kettle on the stove'

/** An address by which other machines reach this one; this machine's own where it has no network. */
const address =
  Object.values(os.networkInterfaces())
    .flatMap((one) => one ?? [])
    .find(({ internal, family }) => !internal && family === 'IPv4')?.address ?? '127.0.0.1'
const isNetwork = address !== '127.0.0.1'

function setPasscode(file: string, passcode: string): { status: number | null; said: string } {
  const { status, stderr } = spawnSync(path.resolve('node_modules/.bin/tsx'), ['scripts/passcode.ts'], {
    env: { ...process.env, GOLD_KETTLE_DB: file },
    input: `${passcode}\n`,
  })
  return { status, said: stderr.toString() }
}

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo', { GOLD_KETTLE_BIND: '0.0.0.0' }, (file) => {
    const refused = setPasscode(file, 'short')
    expect(refused.status).toBe(1)
    expect(refused.said).toContain('8 to 200')
    expect(setPasscode(file, PASSCODE).status).toBe(0)
  })
})
test.afterAll(() => kettle.stop())

/** Words of the demo that nobody unsigned may read. */
const secrets = /Marigold|Larkspur|Left cylinder|kettle on the stove/

test('who is not signed in gets nothing from any route, whatever Host and Origin say', async () => {
  const routes = builtRoutes().filter((place) => !['/sign-in', '/icon.svg'].includes(place))
  expect(routes.length).toBeGreaterThan(50)
  const port = String(kettle.port)
  const senders: readonly Record<string, string>[] = [
    { host: `${address}:${port}` },
    { host: `127.0.0.1:${port}` },
    { host: `localhost:${port}`, origin: `http://localhost:${port}` },
    { host: 'evil.example', origin: 'http://evil.example' },
    { host: `${address}:${port}`, cookie: 'gold-kettle-session=0', 'x-gold-kettle-sender': '127.0.0.1' },
    { host: `${address}:${port}`, 'x-middleware-subrequest': 'src/middleware:src/middleware:src/middleware' },
  ]
  for (const place of routes) {
    for (const headers of senders) {
      for (const method of ['GET', 'POST', 'HEAD', 'OPTIONS', 'DELETE']) {
        const answer = await sendRaw({ port: kettle.port, host: address }, method, place, {
          ...headers,
          accept: 'text/html',
        })
        expect([method, place, answer.status]).toEqual([method, place, expect.any(Number)])
        expect([303, 401, 403, 421]).toContain(answer.status)
        if (answer.status === 303) expect(answer.headers.location).toMatch(/\/sign-in$/)
        expect(answer.text).not.toMatch(secrets)
      }
    }
  }
})

test('who is not signed in can call no action', async () => {
  const actions = builtActions()
  expect(actions.length).toBeGreaterThan(35)
  for (const action of actions) {
    for (const host of [`${address}:${kettle.port}`, `127.0.0.1:${kettle.port}`]) {
      const headers = { host, origin: `http://${host}`, 'next-action': action, 'content-type': 'text/plain' }
      const answer = await sendRaw({ port: kettle.port, host: address }, 'POST', '/cylinders/left', headers, '[{}]')
      expect([action, answer.status]).toEqual([action, 401])
      // The sign-in page itself runs no action either.
      const there = await sendRaw({ port: kettle.port, host: address }, 'POST', '/sign-in', headers, '[{}]')
      expect([401, 429]).toContain(there.status)
      expect(there.text).not.toMatch(secrets)
    }
  }
  setPasscode(kettle.file, PASSCODE)
})

test('signed in from another machine: pages and saving work, the whole records stay here', async ({ page }) => {
  await page.goto(`http://${address}:${kettle.port}/cylinders/left`)
  await expect(page).toHaveURL(/\/sign-in$/)
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  expect(await gravelyWrong(page)).toEqual([])
  expect(await page.content()).not.toMatch(secrets)
  await page.getByLabel('Passcode').fill('a wrong one')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toHaveText('The passcode is wrong. Try again.')
  await page.getByLabel('Passcode').fill(PASSCODE)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('link', { name: 'Marigold' })).toBeVisible()
  const [cookie] = await page.context().cookies()
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict' })

  await page.goto(`http://${address}:${kettle.port}/cylinders/left`)
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('29.9')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText('Weighing of Left cylinder saved')).toBeVisible()

  for (const place of ['/api/v1/backup', '/api/v1/export', '/api/v1/export/csv/weighings.csv', '/recovery']) {
    const answer = await page.request.get(`http://${address}:${kettle.port}${place}`)
    expect([place, answer.status()]).toEqual([place, isNetwork ? 403 : 200])
  }
  for (const place of ['/api/v1/import?mode=preview', '/api/v1/restore?mode=preview']) {
    const answer = await page.request.post(`http://${address}:${kettle.port}${place}`, {
      data: 'x',
      headers: { origin: `http://${address}:${kettle.port}` },
    })
    expect([place, answer.status()]).toEqual([place, isNetwork ? 403 : 400])
  }

  await page.goto(`http://${address}:${kettle.port}/log/data`)
  await page.getByRole('button', { name: sharedLabels.signOutEverywhere }).click()
  await expect(page).toHaveURL(/\/sign-in$/)
  await page.context().addCookies([{ ...cookie!, url: undefined }])
  await page.goto(`http://${address}:${kettle.port}/`)
  await expect(page).toHaveURL(/\/sign-in$/)
})

test('a thousand guesses get nowhere', async () => {
  setPasscode(kettle.file, PASSCODE)
  const host = `${address}:${kettle.port}`
  const headers = { host, origin: `http://${host}`, 'content-type': 'application/x-www-form-urlencoded' }
  const guess = (passcode: string) =>
    sendRaw(
      { port: kettle.port, host: address },
      'POST',
      '/sign-in',
      headers,
      `passcode=${encodeURIComponent(passcode)}`,
    )
  const statuses: number[] = []
  for (let i = 0; i < 1000; i += 50) {
    const answers = await Promise.all(Array.from({ length: 50 }, (_, k) => guess(`guess number ${i + k}`)))
    statuses.push(...answers.map(({ status }) => status))
    expect(answers.every(({ headers: sent }) => sent['set-cookie'] === undefined)).toBe(true)
  }
  expect(statuses.filter((status) => status === 401)).toHaveLength(5)
  expect(statuses.filter((status) => status === 429)).toHaveLength(995)
  const right = await guess(PASSCODE)
  expect(right.status).toBe(429)
  expect(Number(right.headers['retry-after'])).toBeGreaterThan(0)
})
