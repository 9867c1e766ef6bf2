import fc from 'fast-check'
import { soundStart } from '@tests/lines'
import { POST } from '@/app/api/v1/calc/[name]/route'
import { calculations } from '@/app/api/v1/calc/calculations'

async function status(name: string, body: string): Promise<number> {
  const request = new Request(`http://127.0.0.1/api/v1/calc/${name}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
  })
  const response = await POST(request, { params: Promise.resolve({ name }) })
  const answer: unknown = await response.json()
  if (response.status === 400) expect((answer as { issues: unknown[] }).issues.length).toBeGreaterThan(0)
  return response.status
}

const number = fc.oneof(
  fc.double(),
  fc.integer({ min: -500, max: 500 }),
  fc.double({ min: 200, max: 400, noNaN: true }),
)
const anything = fc.oneof(number, fc.string({ maxLength: 30 }), fc.boolean(), fc.constant(null), fc.array(fc.integer()))

const two = soundStart('two-cylinders')
const partIds = two.parts.map(({ id }) => id)
const anyEnd = fc.record({
  partId: fc.constantFrom(...partIds, 'nowhere'),
  portId: fc.constantFrom('in', 'out', 'a', 'left'),
})

/** Bodies with the right field names and arbitrary values, close to an owner's mistakes. */
const bodies: Readonly<Record<string, fc.Arbitrary<object>>> = {
  'fill-limit': fc.record(
    {
      gas: fc.oneof(fc.constantFrom('propane', 'co2'), anything),
      waterCapacityKg: fc.oneof(number, anything),
      tareKg: anything,
      hangingKg: number,
      specificGravity: fc.oneof(fc.double({ min: 0.2, max: 0.7, noNaN: true }), anything),
      liquidTemperatureK: fc.oneof(number, anything),
    },
    { requiredKeys: ['gas', 'waterCapacityKg'] },
  ),
  decant: fc.record(
    {
      supplyTemperatureK: fc.oneof(fc.double({ min: 190, max: 340, noNaN: true }), anything),
      bottleTemperatureK: fc.oneof(fc.double({ min: 190, max: 340, noNaN: true }), anything),
      bottleTareKg: fc.oneof(fc.double({ min: 0, max: 5, noNaN: true }), anything),
      bottleWaterCapacityKg: fc.oneof(fc.double({ min: 0, max: 5, noNaN: true }), anything),
      residualKg: fc.oneof(fc.double({ min: 0, max: 1, noNaN: true }), anything),
      ventedFirst: fc.boolean(),
      wallHeatJKgK: number,
      gamma: fc.oneof(fc.double({ min: 1, max: 1.7, noNaN: true }), anything),
    },
    { requiredKeys: ['supplyTemperatureK', 'bottleTemperatureK', 'bottleTareKg', 'bottleWaterCapacityKg'] },
  ),
  requalification: fc.record(
    {
      stamps: fc.oneof(fc.constantFrom('03-20', '06-11 E 05-25', 'DOT-39', 'TW 17 06-11S'), anything),
      ruleSet: fc.oneof(
        fc.constantFrom('us-dot', 'canada', 'ten-then-five', 'own'),
        anything,
        fc.record({ firstMonths: anything }),
      ),
      on: fc.oneof(fc.constantFrom('2026-11-24', '2026-02-30', '1949-01-01'), anything),
      until: fc.oneof(fc.constantFrom('2027-11-24', '2020-01-01'), anything),
      kind: fc.oneof(fc.constantFrom('removable', 'bottle', 'onboard', 'co2'), anything),
      labelIntervalMonths: anything,
      endOfLifeMonth: anything,
    },
    { requiredKeys: ['stamps', 'ruleSet', 'on'] },
  ),
  'hookup-check': fc.record(
    {
      parts: fc.oneof(fc.constant(two.parts), fc.subarray(two.parts), anything),
      joints: fc.oneof(
        fc.constant(two.joints),
        fc.array(fc.record({ id: fc.string({ minLength: 1, maxLength: 6 }), from: anyEnd, to: anyEnd }), {
          maxLength: 8,
        }),
        anything,
      ),
      demandsW: fc.oneof(fc.dictionary(fc.constantFrom('cooktop', 'fridge', 'main'), number), anything),
      temperatureK: fc.oneof(fc.double({ min: 150, max: 400, noNaN: true }), anything),
      atmospherePa: fc.oneof(fc.double({ min: 1e4, max: 2e5, noNaN: true }), anything),
      untilMonth: fc.oneof(fc.constant('2026-12'), anything),
    },
    { requiredKeys: ['parts', 'joints'] },
  ),
  'pressure-drop': fc.record({
    flowW: fc.oneof(fc.double({ min: 0, max: 1e8, noNaN: true }), anything),
    insideDiameterM: fc.oneof(fc.double({ min: 0, max: 0.6, noNaN: true }), anything),
    lengthM: fc.oneof(fc.double({ min: 0, max: 2000, noNaN: true }), anything),
    inletGaugePa: fc.oneof(fc.double({ min: 0, max: 3e7, noNaN: true }), anything),
  }),
  'leak-rate': fc.record(
    {
      lineVolumeM3: fc.oneof(fc.double({ min: 0, max: 2, noNaN: true }), anything),
      startGaugePa: fc.oneof(fc.double({ min: 0, max: 3e6, noNaN: true }), anything),
      endGaugePa: fc.oneof(fc.double({ min: 0, max: 3e6, noNaN: true }), anything),
      durationS: number,
      startK: fc.oneof(fc.double({ min: 220, max: 350, noNaN: true }), anything),
      endK: fc.oneof(fc.double({ min: 220, max: 350, noNaN: true }), anything),
      atmospherePa: fc.oneof(fc.double({ min: 5e4, max: 1.1e5, noNaN: true }), anything),
      spaceVolumeM3: number,
      gas: fc.oneof(fc.constantFrom('propane', 'co2'), anything),
    },
    { requiredKeys: ['lineVolumeM3', 'startGaugePa', 'endGaugePa', 'durationS', 'startK', 'endK'] },
  ),
}

test.each(Object.keys(bodies))('%s answers anything with its names by 200 or 400', async (name) => {
  const body = bodies[name] ?? fc.object()
  await fc.assert(
    fc.asyncProperty(body, async (input) => expect([200, 400]).toContain(await status(name, JSON.stringify(input)))),
    { numRuns: 300 },
  )
})

test.each(Object.keys(calculations))('%s answers any JSON, and text that is no JSON, with 400', async (name) => {
  await fc.assert(
    fc.asyncProperty(fc.jsonValue(), async (value) => expect(await status(name, JSON.stringify(value))).toBe(400)),
    { numRuns: 100 },
  )
  expect(await status(name, '{"gas":')).toBe(400)
})
