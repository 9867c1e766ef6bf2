import fc from 'fast-check'
import { z } from '@/core/base/zod'
import { calculations } from '@/app/api/v1/calc/calculations'
import { call } from '@tests/api/call'
import { laws, outsidePhysics, type Answer } from './physics'
import { requests } from './requests'

/** More by `npm run nightly`. */
const RUNS = Number(process.env.GOLD_KETTLE_REQUESTS ?? 300)

/** What takes milliseconds for each request. */
const heavy = ['trip-plan', 'room-air', 'placements', 'readiness', 'warm-up-fit', 'hookup-check', 'clearance-check']

const HEAVY_RUNS = Math.min(RUNS, 500)

/** Least share of the requests that must be answered: a test of refusals alone would prove nothing. */
const ANSWERED_SHARE = 0.2

/** Names of the fields a request may have. */
function fieldsOf(schema: z.ZodType): string[] {
  return Object.keys((z.toJSONSchema(schema, { io: 'input' }).properties ?? {}) as object)
}

test('every calculation has requests', () => {
  expect(Object.keys(requests).toSorted()).toEqual(Object.keys(calculations).toSorted())
})

test('a number outside physics, a wrong balance and a missing law are noticed', () => {
  expect(outsidePhysics({ series: [{ o2Fraction: -0.24, temperatureK: 404 }] })).toEqual(['series.0.o2Fraction: -0.24'])
  expect(outsidePhysics({ roomK: 2, batteryShare: 1.1, netKg: NaN })).toHaveLength(3)
  const whole = { strandedKg: 0, leftKg: 2.9 }
  const cylinder = { startKg: 5, refilledKg: 0, usedKg: 2, leftKg: 2.9, balance: {} }
  expect(
    laws['trip-plan']?.({ ...whole, cylinders: [cylinder], usedKg: 2, appliances: [{ givenKg: 1, wantedKg: 1 }] }, {}),
  ).toEqual(['mass of a cylinder: 5 and 4.9', 'gas used and given: 2 and 1'])
})

test.each(Object.keys(requests))('%s: inside physics, or refused with a sentence at a field', async (name) => {
  const fields = fieldsOf(calculations[name]?.schema ?? z.never())
  let answered = 0
  let refused = 0
  await fc.assert(
    fc.asyncProperty(requests[name] ?? fc.constant({}), async (body) => {
      const { status, json } = await call(name, body)
      if (status === 200) {
        answered += 1
        expect([...outsidePhysics(json), ...(laws[name]?.(json as Answer, body as Answer) ?? [])]).toEqual([])
        return
      }
      refused += 1
      expect(status).toBe(400)
      expect(json.issues.length).toBeGreaterThan(0)
      for (const { path, message } of json.issues as { path: string; message: string }[]) {
        expect(message).toMatch(/^[A-Z“0-9].{8,}[.?]$/)
        expect([...fields, '']).toContain(path.split('.')[0])
      }
    }),
    { numRuns: heavy.includes(name) ? HEAVY_RUNS : RUNS },
  )
  expect(answered / (answered + refused)).toBeGreaterThan(ANSWERED_SHARE)
})
