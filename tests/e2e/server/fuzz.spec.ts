import { expect } from '@playwright/test'
import fc from 'fast-check'
import { builtActions, builtRoutes } from './builtRoutes'
import { type Kettle, sendRaw, startKettle, test } from '@tests/e2e/kettle'

/** Set to 10,000 by the nightly run; see docs/reliability.md. */
const CALLS = Number(process.env.GOLD_KETTLE_FUZZ ?? 500)

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const segment = fc.oneof(
  fc.constantFrom('left', 'larkspur', 'marigold', '..', '%', '%00', '%ff', 'null', '-1', '__proto__', '[id]'),
  fc.string({ maxLength: 12 }).map((text) => encodeURIComponent(text)),
)
const places = builtRoutes()
const query = fc.oneof(
  fc.constant(''),
  fc
    .dictionary(
      fc.constantFrom('mode', 'standing', 'line', 'room', 'page', 'from', 'to', 'kind', 'q', 'heater', 'way', 'trip'),
      fc.string({ maxLength: 10 }),
    )
    .map((held) => `?${new URLSearchParams(held).toString()}`),
  fc.string({ maxLength: 20 }).map((text) => `?${encodeURI(text)}`),
)
const place = fc.oneof(
  fc.tuple(fc.constantFrom(...places), query).map(([path, asked]) => path + asked),
  fc.tuple(fc.constantFrom(...places), fc.array(segment, { maxLength: 3 }), query).map(([path, more, asked]) => {
    // A part of the address replaced by anything.
    const steps = [...path.split('/').slice(0, -1), ...more]
    return (steps.join('/') || '/') + asked
  }),
)
const body = fc.oneof(
  fc.constant(''),
  fc.json({ maxDepth: 3 }),
  fc
    .array(fc.anything({ maxDepth: 2, withBigInt: false }), { maxLength: 3 })
    .map((value) => JSON.stringify(value) ?? ''),
  fc.string({ maxLength: 200 }),
  fc.uint8Array({ maxLength: 200 }).map((bytes) => Buffer.from(bytes)),
)
const call = fc.record({
  method: fc.constantFrom('GET', 'GET', 'POST', 'POST', 'POST', 'PUT', 'DELETE', 'HEAD', 'OPTIONS', 'PATCH'),
  place,
  body,
  type: fc.constantFrom(
    'application/json',
    'text/plain;charset=UTF-8',
    'multipart/form-data; boundary=x',
    'multipart/form-data',
    'application/x-www-form-urlencoded',
    'x',
  ),
  action: fc.oneof(fc.constant(null), fc.constantFrom(...builtActions()), fc.stringMatching(/^[0-9a-f]{40,42}$/)),
  rsc: fc.boolean(),
  cookie: fc.oneof(fc.constant(''), fc.constantFrom('units=metric', 'units=', 'gold-kettle-session=%')),
})

test(`${CALLS} calls of all routes and actions with anything: none answered by 500`, async () => {
  test.setTimeout(CALLS * 1500)
  const host = `127.0.0.1:${kettle.port}`
  const bad: unknown[] = []
  const statuses = new Map<number, number>()
  for (const one of fc.sample(call, { numRuns: CALLS, seed: 20_261_127 })) {
    const content = Buffer.from(one.body)
    const hasBody = !['GET', 'HEAD', 'OPTIONS'].includes(one.method)
    const headers = {
      host,
      origin: `http://${host}`,
      'content-type': one.type,
      ...(hasBody && { 'content-length': String(content.length) }),
      ...(one.action !== null && { 'next-action': one.action }),
      ...(one.rsc && { rsc: '1' }),
      ...(one.cookie !== '' && { cookie: one.cookie }),
    }
    const address = one.place.startsWith('/') ? one.place : `/${one.place}`
    const answer = await sendRaw(kettle, one.method, address, headers, hasBody ? content : '')
    statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1)
    if (answer.status >= 500) bad.push({ ...one, body: content.toString('latin1'), status: answer.status })
    if (/node_modules|at \w+ \(/.test(answer.text)) bad.push({ trace: one })
  }
  expect(bad).toEqual([])
  // The calls reach pages and are refused too.
  expect(statuses.get(200) ?? 0).toBeGreaterThan(CALLS / 20)
  expect((statuses.get(400) ?? 0) + (statuses.get(404) ?? 0)).toBeGreaterThan(CALLS / 20)
  expect((await sendRaw(kettle, 'GET', '/', { host })).status).toBe(200)
})
