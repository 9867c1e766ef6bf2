import { NOW, bottleGear, cylinderGear, rigGear, tripPlan, untestedLine } from '@tests/gear'
import { soundStart } from '@tests/lines'
import fc from 'fast-check'
import { openApi } from '@/app/api/v1/openApi'
import { calculations } from '@/app/api/v1/calc/calculations'
import { POST } from '@/app/api/v1/calc/[name]/route'
import { readBody } from '@/app/api/v1/readBody'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { call } from './call'

const body = { rig: rigGear([cylinderGear(), bottleGear()]), trip: tripPlan(), now: NOW }

test('the verdict by the route is that of the pages', async () => {
  const { status, json } = await call('readiness', body)
  const judged = judgeTrip(body.rig, body.trip, NOW)
  expect(status).toBe(200)
  expect(json).toMatchObject({ verdict: judged.verdict, enough: judged.enough })
  expect(json.findings).toEqual(JSON.parse(JSON.stringify(judged.findings)))
  expect(json.supplies[0].neededKg).toBeCloseTo(judged.balances[0]?.neededKg ?? 0, 12)
})

test.each([
  ['a field too many', { ...body, more: 1 }, 'more'],
  ['no trip', { rig: body.rig, now: NOW }, 'trip'],
  ['no such day', { ...body, trip: { ...body.trip, startDay: '2026-02-45' } }, 'trip.startDay'],
  ['400 nights', { ...body, trip: { ...body.trip, nights: 400 } }, 'trip.nights'],
  ['a moment in words', { ...body, now: 'noon' }, 'now'],
  [
    'a cylinder of less than zero',
    { ...body, rig: { ...body.rig, cylinders: [cylinderGear({ waterCapacityKg: -1 })] } },
    'rig.cylinders.0.waterCapacityKg',
  ],
])('%s: 400, with a sentence at its field', async (_, sent, path) => {
  const { status, json } = await call('readiness', sent)
  expect(status).toBe(400)
  expect(json.issues[0]).toMatchObject({ path, message: expect.any(String) })
})

test('a rig with lines and leak tests may exceed the usual body size; an endless body may not', async () => {
  const line = untestedLine(soundStart('two-cylinders'), { fingerprint: 'x'.repeat(3900) })
  const lines = Array.from({ length: 18 }, (_, i) => ({ ...line, gear: { ...line.gear, id: `l${i}` } }))
  const large = { ...body, rig: { ...body.rig, lines } }
  expect(JSON.stringify(large).length).toBeGreaterThan(64 * 1024)
  expect((await call('readiness', large)).status).toBe(200)
  expect((await call('readiness', { ...body, pad: 'x'.repeat(1024 * 1024) })).status).toBe(413)
  expect((await call('saturation', { pad: 'x'.repeat(65 * 1024) })).status).toBe(413)
})

test('arbitrary bodies: 200 or 400, never a breakdown', async () => {
  const odd = fc.oneof(
    fc.jsonValue(),
    fc.record({ rig: fc.jsonValue(), trip: fc.jsonValue(), now: fc.constant(NOW) }),
    fc.record({
      rig: fc.constant(body.rig),
      trip: fc.record({
        ...Object.fromEntries(
          Object.entries(body.trip).map(([key, value]) => [key, fc.oneof(fc.constant(value), fc.jsonValue())]),
        ),
      }),
      now: fc.constant(NOW),
    }),
  )
  await fc.assert(
    fc.asyncProperty(odd, async (sent) => {
      expect([200, 400]).toContain((await call('readiness', sent)).status)
    }),
    { numRuns: 150 },
  )
})

test('a body that does not say its length is read no further than allowed', async () => {
  let pulled = 0
  const endless = new ReadableStream<Uint8Array>({
    pull(controller) {
      pulled += 1
      controller.enqueue(new Uint8Array(16 * 1024))
    },
  })
  const request = new Request('http://127.0.0.1/', { method: 'POST', body: endless, duplex: 'half' } as RequestInit)
  expect(await readBody(request, 64 * 1024)).toBeNull()
  expect(pulled).toBeLessThan(600)
  const long = new Request('http://127.0.0.1/', { method: 'POST', body: 'x'.repeat(11) })
  expect(await readBody(long, 10)).toBeNull()
  const none = new Request('http://127.0.0.1/')
  expect((await readBody(none, 10))?.length).toBe(0)
})

describe('the OpenAPI document', () => {
  const document = openApi('1.2.3') as {
    openapi: string
    info: { version: string }
    paths: Record<string, { post: { requestBody: { content: Record<string, { schema: object }> }; responses: object } }>
  }

  test('names every calculation with the schema that checks its input', () => {
    expect(document.openapi).toBe('3.1.0')
    expect(document.info.version).toBe('1.2.3')
    expect(Object.keys(document.paths)).toEqual(Object.keys(calculations).map((name) => `/api/v1/calc/${name}`))
    for (const { post } of Object.values(document.paths)) {
      expect(post.requestBody.content['application/json']?.schema).toMatchObject({ type: 'object' })
      expect(Object.keys(post.responses)).toEqual(expect.arrayContaining(['200', '400']))
    }
  })

  test('is plain data, and its references resolve', () => {
    const text = JSON.stringify(document)
    expect(JSON.parse(text)).toEqual(document)
    for (const [, name] of text.matchAll(/"\$ref":"#\/components\/schemas\/(\w+)"/g)) {
      expect(text).toContain(`"${name}":{"type"`)
    }
  })
})

test('a name from every object is no calculation', async () => {
  const request = new Request('http://127.0.0.1/', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{}',
  })
  expect((await POST(request, { params: Promise.resolve({ name: 'constructor' }) })).status).toBe(404)
})
