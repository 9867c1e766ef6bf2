import fc from 'fast-check'
import { steadyBurner, steadyWeather, tripRun } from '@tests/run'
import { BTU_PER_HOUR_W } from '@tests/tradeUnits'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { activities, readActivities } from '@/core/appliances/activities'
import { clockStretches, fridgeDuty, inputBetweenW } from '@/core/appliances/duty'
import { runTrip } from '@/core/run/simulation/runTrip'
import { tripApplianceSchema } from '@/core/run/simulation/tripRun'
import { applianceKinds, applianceTraits } from '@/core/appliances/applianceKinds'
import { habitSchema } from '@/core/appliances/habit'

const read = (text: string) => ({
  done: Object.fromEntries(readActivities(text).done.map(({ act, count }) => [act.id, count])),
  unknown: readActivities(text).unknown,
})

describe('cooking and washing in the owner’s words', () => {
  test.each([
    ['two coffees, one dinner, two showers', { coffee: 2, dinner: 1, shower: 2 }],
    ['Coffee and tea', { coffee: 1, tea: 1 }],
    ['3 x soup; a stew', { soup: 3, dinner: 1 }],
    ['half a coffee', { coffee: 0.5 }],
    ['1.5 coffees', { coffee: 1.5 }],
    ['two coffees,1 dinner', { coffee: 2, dinner: 1 }],
    ['two cups of tea, dishes', { tea: 2, dishes: 1 }],
    ['no showers', { shower: 0 }],
    ['pancakes, two eggs', { breakfast: 3 }],
    ['', {}],
  ])('“%s”', (text, done) => {
    expect(read(text)).toEqual({ done, unknown: [] })
  })

  test('unknown words are returned, the rest counts', () => {
    expect(read('one coffee, three fondues')).toEqual({ done: { coffee: 1 }, unknown: ['fondues'] })
    expect(read('900 coffees').unknown).toEqual(['900'])
    expect(read('900 coffees').done.coffee).toBe(50)
  })

  test('any text is read without an error, and counts are never negative', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        for (const { count } of readActivities(text).done) expect(count).toBeGreaterThanOrEqual(0)
      }),
    )
  })

  test('each activity is known by its plural too, and uses gas or water', () => {
    for (const act of activities) {
      for (const word of act.words) expect(readActivities(`two ${word}s`).done).toEqual([{ act, count: 2 }])
      expect((act.burnS ?? 0) + (act.liters ?? 0)).toBeGreaterThan(0)
    }
  })
})

describe('windows of the day', () => {
  const appliance = (change: object) => tripApplianceSchema.parse({ ...steadyBurner(9000), ...change })
  const hours = (burnPerDayS: number, fromH: number) =>
    clockStretches(appliance({ habit: { way: 'hours', burnPerDayS, fromH } }), 280)

  test('a window over midnight continues at the start of the day', () => {
    const night = hours(6 * 3600, 22)
    const fullW = 9000 * BTU_PER_HOUR_W
    const atHour = (hour: number): number => inputBetweenW(night, hour * 3600, 3600)
    expect([21, 22, 23, 0, 3, 4].map(atHour)).toEqual([0, fullW, fullW, fullW, fullW, 0])
    expect(inputBetweenW(hours(86_400, 18), 0, 86_400)).toBe(fullW)
  })

  test('a day’s steps add up to the day’s gas at any step length', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 86_400 }),
        fc.double({ min: 0, max: 23.99, noNaN: true }),
        fc.constantFrom(60, 300, 600, 1800, 3600),
        fc.integer({ min: 0, max: 86_399 }),
        (burnS, fromH, stepS, startS) => {
          const stretches = hours(burnS, fromH)
          let joules = 0
          for (let timeS = 0; timeS < 86_400; timeS += stepS) {
            joules += inputBetweenW(stretches, (startS + timeS) % 86_400, stepS) * stepS
          }
          expect(joules).toBeCloseTo(burnS * 9000 * BTU_PER_HOUR_W, 1)
        },
      ),
    )
  })

  test('two showers: 40 L from 10 to 40 °C, three quarters of the gas in the water', () => {
    const water = appliance({ kind: 'water-heater', habit: { way: 'acts', words: 'two showers' } })
    const joules = clockStretches(water, 283.15).reduce((sum, { lengthS, inputW }) => sum + lengthS * inputW, 0)
    expect(joules).toBeCloseTo((40 * 4186 * 30) / 0.75, 0)
  })

  test('weather-driven use has no fixed hours', () => {
    expect(clockStretches(appliance({ habit: { way: 'around' } }), 280)).toEqual([])
    expect(clockStretches(appliance({ habit: { way: 'warmth', awakeK: 290, asleepK: null } }), 280)).toEqual([])
  })
})

test('a fridge burns a fifth of the time in the cold and always at 100 °F, never less as it gets warmer', () => {
  expect(fridgeDuty(270)).toBe(0.2)
  expect(fridgeDuty(311.15)).toBeCloseTo(1, 9)
  expect(fridgeDuty(330)).toBe(1)
  for (let airK = 260; airK < 320; airK += 2) expect(fridgeDuty(airK + 2)).toBeGreaterThanOrEqual(fridgeDuty(airK))
})

test.each(applianceKinds)('the usual habit of %s is valid and of its own kind', (kind) => {
  const usual = applianceTraits[kind]
  expect(usual.habitWays).toContain(usual.habit.way)
  expect(usual.inputW).toBeLessThanOrEqual(usual.ratedInputW)
  // What burns the air of the room warms it; what heats nothing warms nobody.
  if (usual.exhaust === 'room') expect(usual.toRoomShare).toBe(1)
  if (usual.isHeater) expect(usual.habitWays).toContain('warmth')
  expect(habitSchema.safeParse(usual.habit).success).toBe(true)
  expect(usual.inputW).toBeGreaterThan(0)
  expect(usual.runsOn).toContain('gas')
  if (usual.habit.way === 'acts') expect(readActivities(usual.habit.words)).toMatchObject({ unknown: [] })
})

describe('heat from the room’s loss', () => {
  const rig = { lossWPerK: 50, capacityJPerK: 300_000 }
  const furnace = (change: object = {}) => ({
    ...steadyBurner(20_000),
    id: 'furnace',
    kind: 'furnace',
    habit: { way: 'warmth', awakeK: 291, asleepK: 291 },
    ...change,
  })

  test('in steady state it burns loss × difference, a quarter more with a vent', () => {
    const run = runTrip(tripRun({ nights: 3, forecast: steadyWeather(3, 271), rig, appliances: [furnace()] }))
    const last = run.series.at(-1)
    expect(last?.roomK).toBeCloseTo(291, 3)
    expect(last?.sources[0]?.wantedW).toBeCloseTo((50 * 20) / 0.75, 0)
  })

  test('a colder night needs more, a warmer setting needs more, off while asleep needs less', () => {
    const used = (airK: number, habit: object) =>
      runTrip(
        tripRun({
          cylinders: [{ id: 'a', massKg: 40, waterCapacityKg: 108 }],
          forecast: steadyWeather(2, airK),
          rig,
          appliances: [furnace({ habit: { way: 'warmth', awakeK: 291, asleepK: 291, ...habit } })],
        }),
      ).usedKg
    expect(used(262, {})).toBeGreaterThan(used(270, {}))
    expect(used(270, { awakeK: 294 })).toBeGreaterThan(used(270, {}))
    expect(used(270, { asleepK: null })).toBeLessThan(used(270, {}))
  })

  test('other burners inside warm the room too', () => {
    const wanted = (more: object[]) =>
      runTrip(tripRun({ forecast: steadyWeather(2, 275), rig, appliances: [furnace(), ...more] })).appliances[0]
        ?.wantedKg ?? NaN
    const cooktop = steadyBurner(1500, { id: 'cook', kind: 'cooktop' })
    const grill = steadyBurner(1500, { id: 'grill', kind: 'grill' })
    expect(wanted([cooktop])).toBeLessThan(wanted([]) * 0.95)
    expect(wanted([grill])).toBeCloseTo(wanted([]), 9)
  })

  test('without the room’s loss it counts at full input', () => {
    const run = runTrip(tripRun({ appliances: [furnace({ inputW: 2000 })] }))
    expect(run.appliances[0]?.wantedKg).toBeCloseTo((2000 * 2 * 86_400) / heatingValueJPerKg(), 6)
  })
})

describe('the energy source', () => {
  const fridge = (byNight: string[]) => ({
    ...steadyBurner(1400),
    kind: 'fridge',
    habit: { way: 'around' },
    batteryA: 12,
    byNight,
  })
  const battery = { capacityC: 100 * 3600, usableShare: 0.5, standingA: 0.5 }

  test('on shore power or off it uses no gas that night', () => {
    const used = (byNight: string[]) => runTrip(tripRun({ appliances: [fridge(byNight)] })).usedKg
    expect(used(['shore', 'gas'])).toBeCloseTo(used([]) / 2, 3)
    expect(used(['off', 'shore'])).toBe(0)
  })

  test('on 12 V it drains the battery, and the charge adds up', () => {
    const run = runTrip(tripRun({ battery, appliances: [fridge(['battery', 'battery'])] }))
    expect(run.battery?.flatAtS).not.toBeNull()
    expect(run.battery?.leastShare).toBeCloseTo(0.5, 6)
    expect(run.usedKg).toBe(0)
  })

  test('a flat battery stops a blower with the cylinder full, and is the cause', () => {
    const run = runTrip(
      tripRun({
        battery: { ...battery, capacityC: 20 * 3600 },
        forecast: steadyWeather(2, 268),
        rig: { lossWPerK: 50, capacityJPerK: 300_000 },
        appliances: [
          {
            ...steadyBurner(20_000),
            kind: 'furnace',
            currentA: 6,
            needsBattery: true,
            habit: { way: 'warmth', awakeK: 291, asleepK: 289 },
          },
        ],
      }),
    )
    expect(run.outages[0]).toMatchObject({ cause: 'battery', applianceIds: ['burner'] })
    expect(run.leftKg).toBeGreaterThan(5)
    // The room gets cold with gas aboard.
    expect(run.series.at(-1)?.roomK).toBeLessThan(275)
  })

  test('sun and shore power keep it charged', () => {
    const flat = (change: object, input: object = {}) =>
      runTrip(tripRun({ battery: { ...battery, ...change }, appliances: [fridge(['battery', 'battery'])], ...input }))
        .battery?.flatAtS
    expect(flat({ capacityC: 300 * 3600 })).not.toBeNull()
    expect(flat({ capacityC: 300 * 3600, solarC: 200 * 3600 })).toBeNull()
    expect(flat({ shoreA: 20 }, { shoreNights: [0, 1] })).toBeNull()
  })
})

describe('clock changes', () => {
  const evening = { ...steadyBurner(9000), habit: { way: 'hours', burnPerDayS: 3600, fromH: 18 } }
  const litAt = (clockChanges: object[]) => {
    const run = runTrip(tripRun({ appliances: [evening], clockChanges, stepS: 600 }))
    return run.series.filter(({ sources }) => (sources[0]?.givenW ?? 0) > 0).map(({ timeS }) => timeS - 600)
  }

  test('habits follow local time', () => {
    const [first = NaN] = litAt([])
    expect(first).toBe(3 * 3600)
    const shifted = litAt([{ atS: 40_000, shiftS: -3600 }])
    expect(shifted[0]).toBe(3 * 3600)
    expect(shifted.find((timeS) => timeS > 40_000)).toBe(28 * 3600)
    expect(litAt([{ atS: 40_000, shiftS: 3600 }]).find((timeS) => timeS > 40_000)).toBe(26 * 3600)
  })

  test('property: an hour lost or doubled neither loses nor doubles a habit', () => {
    const change = fc.record({
      atS: fc.integer({ min: 0, max: 47 }).map((half) => 6 * 3600 + half * 1800),
      shiftS: fc.constantFrom(-3600, -1800, 1800, 3600),
    })
    fc.assert(
      fc.property(
        change,
        // Begins and ends well between the noon of leaving and the noon of coming home.
        fc.integer({ min: 13 * 60, max: 31 * 60 }).map((minutes) => (minutes / 60) % 24),
        fc.integer({ min: 600, max: 3 * 3600 }),
        fc.constantFrom(300, 600, 1800, 3600),
        (at, fromH, burnPerDayS, stepS) => {
          const burner = { ...steadyBurner(3000), habit: { way: 'hours', burnPerDayS, fromH } }
          const trip = { startISO: '2026-03-07T12:00', appliances: [burner], stepS }
          const wantedKg = (clockChanges: object[]) =>
            runTrip(tripRun({ ...trip, clockChanges })).appliances[0]?.wantedKg ?? NaN
          expect(wantedKg([at])).toBeCloseTo(wantedKg([]), 9)
        },
      ),
      { numRuns: 60 },
    )
  })

  test('what burns all day burns on a day of 23 and of 25 hours too', () => {
    const hours = (clockChanges: object[]) => {
      const all = runTrip(tripRun({ startISO: '2026-03-07T12:00', appliances: [steadyBurner(2000)], clockChanges }))
      return ((all.appliances[0]?.wantedKg ?? NaN) * heatingValueJPerKg()) / (2000 * BTU_PER_HOUR_W) / 3600
    }
    expect(hours([{ atS: 50_400, shiftS: 3600 }])).toBeCloseTo(47, 6)
    expect(hours([{ atS: 50_400, shiftS: -3600 }])).toBeCloseTo(49, 6)
  })
})
