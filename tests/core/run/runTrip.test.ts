import { steadyBurner, steadyWeather, tripRun, twentyPound } from '@tests/run'
import { BTU_PER_HOUR_W, fahrenheit, POUND_KG } from '@tests/tradeUnits'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { runTrip } from '@/core/run/simulation/runTrip'
import { runtimeS } from '@/core/appliances/runtime'
import { tripRunSchema, type TripRun } from '@/core/run/simulation/tripRun'

const first = (run: TripRun) => run.outages[0]
const causes = (run: TripRun) => [...new Set(run.outages.map(({ cause }) => cause))]
const cold = (nights: number, airF: number) => ({ nights, forecast: steadyWeather(nights, fahrenheit(airF)) })

describe('a constant draw in mild air', () => {
  test('burns input × time', () => {
    const run = runTrip(tripRun())
    expect(run.usedKg).toBeCloseTo((2000 * BTU_PER_HOUR_W * 2 * 86_400) / heatingValueJPerKg(), 6)
    expect(run.usedKg + run.leftKg).toBeCloseTo(20 * POUND_KG, 9)
    expect(run.outages).toEqual([])
  })

  test('ends when the closed form says, except for gas below useful pressure', () => {
    const run = runTrip(tripRun({ ...cold(20, 70), appliances: [steadyBurner(1000)], stepS: 300 }))
    const bound = runtimeS(20 * POUND_KG, 1000 * BTU_PER_HOUR_W)
    expect(first(run)?.cause).toBe('empty')
    expect((first(run)?.fromS ?? 0) / bound).toBeGreaterThan(0.98)
    expect(first(run)?.fromS ?? Infinity).toBeLessThanOrEqual(bound)
  })

  test('halving the step moves the end by less than a hundredth', () => {
    const end = (stepS: number, btuh: number, airF: number) =>
      first(runTrip(tripRun({ ...cold(9, airF), appliances: [steadyBurner(btuh)], stepS })))?.fromS ?? NaN
    for (const [btuh, airF] of [
      [2500, 70],
      [20_000, 10],
    ] as const) {
      expect(Math.abs(end(60, btuh, airF) / end(30, btuh, airF) - 1)).toBeLessThan(0.01)
    }
  })

  test('mass and energy of every cylinder balance, refilled on the way or not', () => {
    const run = runTrip(
      tripRun({
        ...cold(5, 25),
        changeover: 'automatic',
        cylinders: [twentyPound('left', 12), twentyPound('right', 18)],
        appliances: [steadyBurner(9000)],
        refills: [{ cylinderId: 'left', atS: 2.5 * 86_400 }],
      }),
    )
    for (const { startKg, refilledKg, usedKg, leftKg, balance } of run.cylinders) {
      expect(startKg + refilledKg - usedKg).toBeCloseTo(leftKg, 9)
      const { heatInJ, gasOutJ, broughtJ, storedJ } = balance
      expect(Math.abs(storedJ - heatInJ + gasOutJ - broughtJ)).toBeLessThan(1e-6 * gasOutJ)
    }
    expect(run.cylinders[0]?.refilledKg).toBeGreaterThan(1)
  })
})

describe('outages and their cause', () => {
  test('a large draw in frost is stopped by cold, with gas left', () => {
    const run = runTrip(tripRun({ ...cold(2, 0), appliances: [steadyBurner(30_000)] }))
    expect(first(run)).toMatchObject({ cause: 'cold', sourceId: 'line', applianceIds: ['burner'] })
    expect(run.outages[0]?.leftKg).toBeGreaterThan(2 * POUND_KG)
    // What is stranded is what is left at the end, not when cold first stopped it.
    expect(run.strandedKg).toBeLessThanOrEqual(run.leftKg)
    expect(run.strandedKg).toBeLessThan(run.outages[0]?.leftKg ?? 0)
    expect(run.leftKg).toBeGreaterThan(0)
  })

  test('the same draw from a quarter-full cylinder fails sooner', () => {
    const at = (pounds: number) =>
      first(
        runTrip(
          tripRun({ ...cold(2, 0), cylinders: [twentyPound('left', pounds)], appliances: [steadyBurner(30_000)] }),
        ),
      )?.fromS ?? Infinity
    expect(at(5)).toBeLessThan(at(20) / 2)
  })

  test('more than the regulator passes', () => {
    const run = runTrip(
      tripRun({ sources: [{ id: 'line', ratedW: 20_000 }], appliances: [steadyBurner(90_000)], ...cold(2, 70) }),
    )
    expect(first(run)?.cause).toBe('regulator')
    expect(Math.max(...run.series.map(({ sources }) => sources[0]?.givenW ?? 0))).toBeLessThan(20_001)
  })

  test('an empty supply fails from the first minute', () => {
    const run = runTrip(tripRun({ cylinders: [twentyPound('left', 0)] }))
    expect(first(run)).toMatchObject({ cause: 'empty', fromS: 0 })
    expect(run.usedKg).toBe(0)
  })
})

describe('changeover', () => {
  const pair = { cylinders: [twentyPound('left', 3), twentyPound('right', 3)], appliances: [steadyBurner(4000)] }
  const warm = cold(3, 60)

  test('by hand: switched while somebody is awake, without an outage until both are empty', () => {
    const run = runTrip(tripRun({ ...pair, ...warm, changeover: 'one-side', wakeH: 0, sleepH: 24 }))
    expect(run.changes[0]).toMatchObject({ by: 'hand', fromId: 'left', toId: 'right' })
    const emptyBoth = first(run)
    expect(emptyBoth?.fromS).toBeGreaterThan(1.8 * (run.changes[0]?.atS ?? 0))
  })

  test('asleep nobody switches: an outage until waking; somebody who gets up has none, and the hour is given', () => {
    // From 15:00, 3 lb at 9,000 BTU/h are gone at about 22:00; people sleep from 21:00.
    const night = { ...pair, ...warm, nights: 1, appliances: [steadyBurner(9000)], sleepH: 21 }
    const asleep = runTrip(tripRun({ ...night, changeover: 'one-side' }))
    expect(first(asleep)?.cause).toBe('lever')
    expect((first(asleep)?.toS ?? 0) / 3600).toBeCloseTo(16, 0)
    const up = runTrip(tripRun({ ...night, changeover: 'one-side', getUp: true }))
    expect(up.changes[0]).toMatchObject({ by: 'hand', asleep: true })
    expect(causes(up)).not.toContain('lever')
  })

  test('automatic: the reserve side takes over', () => {
    const run = runTrip(tripRun({ ...pair, ...warm, sleepH: 16, changeover: 'automatic' }))
    expect(causes(run)).toEqual(['empty'])
    expect(run.changes[0]).toMatchObject({ by: 'automatic' })
  })

  test('both open: they run out together, and hold in cold where one side would not', () => {
    const open = runTrip(tripRun({ ...pair, ...warm, changeover: 'both' }))
    const [left, right] = open.cylinders
    expect(Math.abs((left?.emptyAtS ?? NaN) / (right?.emptyAtS ?? NaN) - 1)).toBeLessThan(0.1)
    const frost = {
      cylinders: [twentyPound('left', 12), twentyPound('right', 12)],
      appliances: [steadyBurner(14_000)],
      ...cold(1, 5),
    }
    expect(causes(runTrip(tripRun({ ...frost, changeover: 'both' })))).toEqual([])
    expect(causes(runTrip(tripRun({ ...frost, changeover: 'one-side', sleepH: 16 })))).not.toEqual([])
  })

  test('a separate supply does not feel what happens on the line', () => {
    const run = runTrip(
      tripRun({
        cylinders: [twentyPound('left', 1), twentyPound('fridge', 10, { sourceId: 'own' })],
        appliances: [steadyBurner(9000), steadyBurner(1500, { id: 'fridge-burner', sourceId: 'own' })],
      }),
    )
    expect(new Set(run.outages.map(({ sourceId }) => sourceId))).toEqual(new Set(['line']))
    expect(run.appliances.find(({ id }) => id === 'fridge-burner')).toMatchObject({
      givenKg: expect.closeTo((1500 * BTU_PER_HOUR_W * 2 * 86_400) / heatingValueJPerKg(), 6),
    })
  })

  test('a bottle on its heater is at room temperature, those beside it are cold', () => {
    const bottle = (id: string) => ({
      id,
      name: id,
      sourceId: 'bottles',
      massKg: 0.46,
      waterCapacityKg: 1.107,
      wallKg: 0.41,
    })
    const run = runTrip(
      tripRun({
        ...cold(1, 10),
        cylinders: [bottle('one'), bottle('two')],
        sources: [{ id: 'bottles', site: 'on-heater', needGaugePa: 34_474 }],
        appliances: [steadyBurner(3000, { sourceId: 'bottles', kind: 'portable-heater' })],
        rig: { lossWPerK: 30, capacityJPerK: 200_000 },
      }),
    )
    const early = run.series.find(({ timeS }) => timeS >= 3 * 3600)
    expect(early?.cylinders[0]?.temperatureK).toBeGreaterThan((early?.cylinders[1]?.temperatureK ?? NaN) + 2)
  })
})

describe('impossible input', () => {
  const washing = (words: string) => steadyBurner(9000, { habit: { way: 'acts', words } })
  const refusal = (change: object) => {
    const base = { ...tripRun(), ...change }
    const read = tripRunSchema.safeParse(base)
    return read.success
      ? null
      : read.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`).join(' | ')
  }

  test.each([
    [{ nights: 0 }, /nights: A trip has one night/],
    [{ nights: 400 }, /nights: Plan a year/],
    [{ nights: 1.5 }, /nights: .*whole number/],
    [{ startISO: '2026-13-04T15:00' }, /startISO/],
    [{ startISO: 'tomorrow' }, /startISO: Write the start as/],
    [{ cylinders: [] }, /cylinders: Name one cylinder/],
    [{ cylinders: [twentyPound('left', -1)] }, /massKg: .*less than its tare/],
    [{ forecast: { temperatureK: [60 + 273.15 + 30] } }, /temperatureK\.0: No air is hotter/],
    [{ forecast: { temperatureK: [] } }, /temperatureK: A forecast has one hour/],
    [{ stepS: 1 }, /stepS: Steps of ten seconds/],
    [{ nights: 366, stepS: 10 }, /stepS: So long a trip/],
    [{ appliances: [steadyBurner(9e9)] }, /inputW: .*Check the unit/],
    [{ startISO: '2026-02-30T15:00' }, /startISO: There is no such day/],
    [{ cylinders: [twentyPound('left', 27)] }, /cylinders\.0\.massKg: This cylinder cannot hold so much/],
    [{ cylinders: [twentyPound('left', 5, { limitKg: 12 })] }, /cylinders\.0\.limitKg: .*cannot be filled so far/],
    [{ cylinders: [twentyPound('left', 5), twentyPound('left', 5)] }, /cylinders\.1\.id: There are two .*“left”/],
    [{ appliances: [steadyBurner(9), steadyBurner(9)] }, /appliances\.1\.id: There are two/],
    [{ sources: [{ id: 'line' }, { id: 'line' }] }, /sources\.1\.id: There are two/],
    [{ lastsS: 299 }, /lastsS: This is shorter than one step of 300 s/],
    [{ lastsS: 1000 }, /lastsS: This must be a whole number of steps/],
    [{ stepS: 700 }, /stepS: A day must be a whole number of steps/],
    [{ refills: [{ cylinderId: 'right', atS: 3600 }] }, /refills\.0\.cylinderId: There is no such cylinder/],
    [{ refills: [{ cylinderId: 'left', atS: 2 * 86_400 }] }, /refills\.0\.atS: The trip is over/],
    [{ shoreNights: [2] }, /shoreNights\.0: Nights are counted from 0 to 1/],
    [{ forecast: { fromDay: '2026-12-01', temperatureK: [280] } }, /forecast\.fromDay: The forecast begins on/],
    [{ forecast: { fromDay: '2026-02-30', temperatureK: [280] } }, /forecast\.fromDay: There is no such day/],
    [{ forecast: { temperatureK: [280, 281], windMS: [3] } }, /forecast\.windMS: There are 1 hours here and 2/],
    [{ appliances: [washing('40 minutes')] }, /appliances\.0\.habit\.words: Not understood: “minutes”/],
    [{ appliances: [washing('two coffees, 40')] }, /habit\.words: Not understood: “40”/],
    [{ clockChanges: [3600, 1800].map((atS) => ({ atS, shiftS: 3600 })) }, /clockChanges\.1\.atS: .*in order of time/],
  ])('%o', (change, sentence) => {
    expect(refusal(change)).toMatch(sentence)
  })

  test('an appliance without a supply is named', () => {
    expect(() => runTrip(tripRun({ appliances: [steadyBurner(100, { sourceId: 'nowhere' })] }))).toThrow(
      'No cylinder feeds this appliance',
    )
  })
})
