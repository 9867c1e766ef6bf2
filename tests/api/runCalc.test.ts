import fc from 'fast-check'
import { steadyBurner, steadyWeather, twentyPound } from '@tests/run'
import { BTU_PER_HOUR_W, fahrenheit, POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { call } from './call'

const vessel = { waterCapacityKg: 47.6 * POUND_KG }
const draw = { vessel, liquidKg: 6, airTemperatureK: fahrenheit(20), minimumGaugePa: 0 }
const trip = {
  startISO: '2026-12-04T15:00-07:00',
  nights: 2,
  cylinders: [twentyPound('left', 10)],
  appliances: [steadyBurner(4000)],
  forecast: steadyWeather(2, fahrenheit(20)),
}

/** Messages of a refusal, by path. */
async function issues(name: string, body: unknown): Promise<Record<string, string>> {
  const { status, json } = await call(name, body)
  expect(status).toBe(400)
  return Object.fromEntries(json.issues.map(({ path, message }: { path: string; message: string }) => [path, message]))
}

describe('vaporisation', () => {
  test('sustainable draw, higher with wind', async () => {
    const { status, json } = await call('vaporisation', draw)
    expect(status).toBe(200)
    expect(json.continuousW / BTU_PER_HOUR_W).toBeGreaterThan(20_000)
    const windy = await call('vaporisation', { ...draw, windMS: 6 })
    expect(windy.json.continuousW).toBeGreaterThan(json.continuousW * 2)
    const locker = await call('vaporisation', { ...draw, windMS: 6, site: 'locker' })
    expect(locker.json.continuousW).toBeCloseTo(json.continuousW, 9)
  })

  test('0 when the air is as cold as the boiling point', async () => {
    const { json } = await call('vaporisation', { ...draw, airTemperatureK: 225 })
    expect(json.continuousW).toBe(0)
  })

  test.each([
    [{ liquidKg: 40 }, 'liquidKg', 'more than fits'],
    [{ liquidKg: -1 }, 'liquidKg', 'less than zero'],
    [{ airTemperatureK: 20 }, 'airTemperatureK', 'must lie between'],
    [{ windMS: -3 }, 'windMS', 'calm'],
    [{ vessel: { waterCapacityKg: 0 } }, 'vessel.waterCapacityKg', 'more than zero'],
    [{ altitudeM: 99_999 }, 'altitudeM', 'altitude'],
  ])('%o is refused at %s', async (change, path, sentence) => {
    expect((await issues('vaporisation', { ...draw, ...change }))[path]).toContain(sentence)
  })
})

describe('trip-plan', () => {
  test('series, outages, used, left and stranded gas', async () => {
    const { status, json } = await call('trip-plan', { ...trip, appliances: [steadyBurner(6000)] })
    expect(status).toBe(200)
    expect(json.series.length).toBeGreaterThan(100)
    expect(json.usedKg + json.leftKg).toBeCloseTo(10 * POUND_KG, 9)
    expect(json.stranded).toEqual([{ id: 'left', strandedKg: 0 }])
    expect(json.outages[0]?.cause).toBe('empty')
  })

  test('an appliance beyond the regulator’s rating is reported, not refused', async () => {
    const { json } = await call('trip-plan', {
      ...trip,
      sources: [{ id: 'line', ratedW: 1000 }],
    })
    expect(json.outages[0]).toMatchObject({ cause: 'regulator', sourceId: 'line' })
  })

  test.each([
    [{ nights: 0 }, 'nights'],
    [{ nights: 400 }, 'nights'],
    [{ startISO: '4 December' }, 'startISO'],
    [{ cylinders: [twentyPound('left', -2)] }, 'cylinders.0.massKg'],
    [{ forecast: { temperatureK: [333.9] } }, 'forecast.temperatureK.0'],
    [{ appliances: [steadyBurner(4000, { sourceId: 'nowhere' })] }, 'appliances.0.sourceId'],
    [{ battery: { capacityC: -1, usableShare: 0.5 } }, 'battery.capacityC'],
  ])('%o is refused at %s', async (change, path) => {
    expect(Object.keys(await issues('trip-plan', { ...trip, ...change }))).toContain(path)
  })

  test('a forecast that ends before the trip is told in the answer', async () => {
    const short = { temperatureK: [270, 271, 272] }
    const { status, json } = await call('trip-plan', { ...trip, forecast: short })
    expect(status).toBe(200)
    expect(json.warnings).toEqual([
      {
        path: 'forecast.temperatureK',
        message: 'The forecast ends after 2 hours; the trip takes 48. Its last hour is used for the rest.',
      },
    ])
    expect((await call('trip-plan', trip)).json.warnings).toEqual([])
    expect((await call('trip-plan', { ...trip, forecast: short, lastsS: 3 * 3600 })).json.warnings).toEqual([])
  })

  test('a field that is not known is refused', async () => {
    expect(JSON.stringify(await issues('trip-plan', { ...trip, moonPhase: 3 }))).toContain('moonPhase')
  })
})

test('carbonation', async () => {
  const { json } = await call('carbonation', { temperatureK: fahrenheit(38), volumes: 2.5 })
  expect(json.gaugePressurePa / PSI_PA).toBeCloseTo(11.25, 1)
  expect((await issues('carbonation', { temperatureK: 200, volumes: 2.5 })).temperatureK).toContain('30 to 90 °F')
})

const odd = fc.oneof(fc.constant(null), fc.string({ maxLength: 6 }), fc.constant(-1), fc.constant(1e15), fc.double())
const mostly = <Value>(value: fc.Arbitrary<Value>): fc.Arbitrary<unknown> =>
  fc.oneof({ weight: 12, arbitrary: value as fc.Arbitrary<unknown> }, odd)
const id = fc.constantFrom('a', 'b', 'line')
const habit = fc.oneof(
  fc.record({
    way: fc.constant('hours'),
    burnPerDayS: mostly(fc.integer({ min: 0, max: 86_400 })),
    fromH: mostly(fc.integer({ min: 0, max: 24 })),
  }),
  fc.record({
    way: fc.constant('warmth'),
    awakeK: mostly(fc.double({ min: 264, max: 312, noNaN: true })),
    asleepK: fc.constantFrom(null, 285),
  }),
  fc.record({ way: fc.constant('around') }),
  fc.record({ way: fc.constant('acts'), words: mostly(fc.string({ maxLength: 40 })) }),
)
const anyTrip = fc.record({
  startISO: mostly(fc.constantFrom('2026-12-04T15:00', '2026-03-28T23:30Z')),
  nights: mostly(fc.integer({ min: 1, max: 3 })),
  altitudeM: mostly(fc.double({ min: -100, max: 4000, noNaN: true })),
  cylinders: mostly(
    fc.array(
      fc.record({
        id,
        sourceId: fc.constantFrom('line', 'other'),
        massKg: mostly(fc.double({ min: 0, max: 12, noNaN: true })),
        waterCapacityKg: mostly(fc.double({ min: 0.5, max: 60, noNaN: true })),
        stands: fc.constantFrom('upright', 'lying'),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  ),
  changeover: fc.constantFrom('one-side', 'automatic', 'both'),
  appliances: mostly(
    fc.array(
      fc.record({
        id,
        kind: fc.constantFrom('furnace', 'fridge', 'cooktop', 'other'),
        inputW: mostly(fc.double({ min: 0, max: 60_000, noNaN: true })),
        habit: mostly(habit),
      }),
      { maxLength: 4 },
    ),
  ),
  rig: mostly(fc.constantFrom(null, { lossWPerK: 50, capacityJPerK: 200_000 })),
  forecast: mostly(
    fc.record({
      temperatureK: fc.array(mostly(fc.double({ min: 230, max: 310, noNaN: true })), { minLength: 1, maxLength: 50 }),
    }),
  ),
  stepS: mostly(fc.constantFrom(600, 1800, 3600)),
})
const anyDraw = fc.record({
  vessel: mostly(
    fc.record({
      waterCapacityKg: mostly(fc.double({ min: 0.1, max: 500, noNaN: true })),
      stands: fc.constantFrom('upright', 'lying'),
    }),
  ),
  liquidKg: mostly(fc.double({ min: 0, max: 40, noNaN: true })),
  airTemperatureK: mostly(fc.double({ min: 200, max: 330, noNaN: true })),
  minimumGaugePa: mostly(fc.double({ min: 0, max: 300_000, noNaN: true })),
})

test.each([
  ['trip-plan', anyTrip],
  ['vaporisation', anyDraw],
  ['carbonation', fc.record({ temperatureK: mostly(fc.double({ min: 260, max: 320 })), volumes: mostly(fc.double()) })],
] as const)('%s answers any body, or refuses it with a sentence', async (name, body) => {
  await fc.assert(
    fc.asyncProperty(body as fc.Arbitrary<unknown>, async (sent) => {
      const { status, json } = await call(name, sent)
      expect([200, 400]).toContain(status)
      if (status === 400) for (const { message } of json.issues) expect(message).toMatch(/\S/)
      else expect(JSON.stringify(json)).not.toContain('null,null,null,null')
    }),
    { numRuns: 120 },
  )
})
