import Papa from 'papaparse'
import { applianceUse, bottleGear, cylinderGear, fitness, tripPlan } from '@tests/gear'
import { coldTrip, runRig, steadyBurner, tripRun } from '@tests/run'
import { fahrenheit, POUND_KG } from '@tests/tradeUnits'
import { type Battery, batterySchema, enteredInBattery, usualBattery } from '@/core/run/battery/battery'
import { fillableIds, fillBefore } from '@/core/run/analysis/fillBefore'
import { formatTripTime } from '@/core/time/tripClock'
import { nightRibbons, weakestHour } from '@/core/run/analysis/nightRibbons'
import { plannedUses, runOutlook } from '@/core/run/simulation/runOutlook'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runTrip } from '@/core/run/simulation/runTrip'
import { batterySlip } from '@/core/run/battery/batterySlip'
import { fridgeWarmUp } from '@/core/run/travel/fridgeWarmUp'
import { gasForTrip } from '@/core/run/analysis/gasForTrip'
import { alwaysOff, drivingRules } from '@/core/run/travel/drivingRules'
import { runCsv } from '@/core/run/analysis/runCsv'

describe('what to fill before leaving', () => {
  const plan = (burnPerDayS: number, supply: 'line' | 'bottles' = 'line', inputW = 2638) =>
    tripPlan({ nights: 4, uses: [applianceUse({ supply, burnPerDayS, inputW })] })
  const balanceOf = (cylinders: Parameters<typeof gasForTrip>[0], trip = plan(8 * 3600)) => {
    const found = gasForTrip(cylinders, trip).find(({ neededKg }) => neededKg > 0)
    if (!found) throw new Error('nothing burns')
    return found
  }
  const prices = { perKg: 2, perBottle: 7 }

  test('nothing to fill where there is enough', () => {
    const { shortKg, errands, cost } = fillBefore(balanceOf([cylinderGear()], plan(3600)), ['left'], prices)
    expect({ shortKg, errands, cost }).toEqual({ shortKg: 0, errands: [], cost: 0 })
  })

  test('just what is missing, the stop weight, and the cost', () => {
    const balance = balanceOf([cylinderGear()])
    const { errands, cost, stillShortKg } = fillBefore(balance, ['left'], prices)
    expect(errands).toHaveLength(1)
    expect(errands[0]?.addKg).toBeCloseTo(-balance.leftKg, 9)
    expect(errands[0]?.stopKg).toBeCloseTo(17.8 * POUND_KG + (errands[0]?.toKg ?? NaN), 9)
    expect(cost).toBeCloseTo(2 * -balance.leftKg, 9)
    expect(stillShortKg).toBeLessThan(0.01)
  })

  test('what nobody weighed comes last, without an amount or a price; its stop weight covers the rest', () => {
    const unweighed = cylinderGear({ id: 'right', lastWeighing: null })
    const balance = balanceOf([unweighed, cylinderGear()], plan(20 * 3600))
    const { errands, cost, stillShortKg } = fillBefore(balance, ['left', 'right'], prices)
    expect(errands.map(({ cylinderId }) => cylinderId)).toEqual(['left', 'right'])
    expect(errands[1]).toMatchObject({ addKg: null, cost: null })
    expect((errands[0]?.addKg ?? NaN) + (errands[1]?.toKg ?? NaN) + stillShortKg).toBeCloseTo(-balance.leftKg, 9)
    expect(errands[1]?.toKg).toBeLessThanOrEqual(20 * POUND_KG + 1e-3)
    expect(cost).toBeNull()
  })

  test('never above a limit, and what is still missing is said', () => {
    const { errands, stillShortKg } = fillBefore(balanceOf([cylinderGear()], plan(24 * 3600)), ['left'], prices)
    expect(errands[0]?.toKg).toBeCloseTo(20 * POUND_KG, 1)
    expect(stillShortKg).toBeGreaterThan(1)
  })

  test('bottles are bought where filling falls short, and an unknown price gives no total', () => {
    const trip = plan(2 * 3600, 'bottles')
    const { bottles, bottlesCost } = fillBefore(balanceOf([bottleGear()], trip), ['bottle'], prices)
    expect(bottles).toBeGreaterThan(1)
    expect(bottlesCost).toBe(7 * bottles)
    expect(fillBefore(balanceOf([bottleGear()], trip), [], { perKg: null, perBottle: null }).cost).toBeNull()
  })

  test('a non-refillable bottle, an overdue cylinder and CO2 are never filled', () => {
    const cylinders = [
      cylinderGear(),
      cylinderGear({ id: 'old', fitness: fitness('removable', { manufacturedMonth: '1999-01' }) }),
      bottleGear({ id: 'throw', kind: 'bottle' }),
      bottleGear(),
    ]
    expect(fillableIds(cylinders, '2026-12-01')).toEqual(['left', 'bottle'])
  })
})

describe('the trip as charts and text', () => {
  const run = runTrip(coldTrip)
  const ribbons = nightRibbons(run, coldTrip, 'line')

  test('a ribbon of 24 hours per night; the hour of the first outage is short', () => {
    expect(ribbons.map(({ hours }) => hours.length)).toEqual([24])
    expect(ribbons[0]?.hours[0]?.clockH).toBe(15)
    const outage = run.outages[0]?.fromS ?? NaN
    const at = ribbons
      .flatMap(({ hours }) => hours)
      .find(({ fromS }) => fromS === Math.floor(outage / 3600) * 3600 + 3600)
    expect(at?.state).toBe('short')
    for (const { share } of ribbons.flatMap(({ hours }) => hours)) {
      expect(share).toBeGreaterThanOrEqual(0)
      expect(share).toBeLessThanOrEqual(1)
    }
  })

  test('the weakest hour is the first short one, else the one of lowest pressure, else none', () => {
    const hours = ribbons.flatMap((ribbon) => ribbon.hours)
    expect(weakestHour(ribbons)).toBe(hours.find(({ state }) => state === 'short'))
    const well = nightRibbons(runTrip(tripRun()), tripRun(), 'line')
    const least = Math.min(...well.flatMap((ribbon) => ribbon.hours).map(({ gaugePa }) => gaugePa))
    expect(weakestHour(well)?.gaugePa).toBe(least)
    expect(weakestHour(nightRibbons(runTrip(tripRun({ appliances: [] })), coldTrip, 'line'))).toBeNull()
  })

  test('a CSV that a spreadsheet reads, without formulas in names', () => {
    const text = runCsv(run, coldTrip, new Map([['left', '=HYPERLINK("x")']]))
    const { data, errors } = Papa.parse<string[]>(text, { skipEmptyLines: true })
    const [head = [], ...rows] = data
    expect(errors).toEqual([])
    expect(head).toContain(`'=HYPERLINK("x"): gas_kg`)
    expect(rows).toHaveLength(run.series.length)
    expect(new Set(rows.map((row) => row.length))).toEqual(new Set([head.length]))
    expect(rows.map((row) => Number(row[head.indexOf('time_s')]))).toEqual(run.series.map(({ timeS }) => timeS))
    expect(rows[0]?.[head.indexOf('moment')]).toBe(formatTripTime(run.series[0]?.timeS ?? NaN, coldTrip))
  })

  test.each([
    [0, '2026-12-04T15:00', 'night 1, 3:00 pm'],
    [9.5 * 3600, '2026-12-04T15:00', 'night 1, 12:30 am'],
    [24 * 3600, '2026-12-04T15:00', 'night 2, 3:00 pm'],
    [21 * 3600, '2026-12-04T15:00-07:00', 'night 1, 12:00 pm'],
  ])('%d s after %s is %s', (timeS, startISO, words) => {
    expect(formatTripTime(timeS, { startISO, clockChanges: [] })).toBe(words)
  })
})

test('habits become hours at full input; typed hours stay', () => {
  const uses = [
    applianceUse({ burnPerDayS: 5 * 3600 }),
    applianceUse({ id: 'fridge', kind: 'fridge', inputW: 410, burnPerDayS: 0, habit: { way: 'around' } }),
  ]
  const { trip, run } = runOutlook(runRig(), tripPlan({ uses }), baselineScenario)
  expect(plannedUses(tripPlan({ uses }), run)).toEqual(trip.uses)
  expect(trip.uses[0]?.burnPerDayS).toBe(5 * 3600)
  const balance = gasForTrip([cylinderGear()], trip)[0]
  expect(balance?.uses.find(({ use }) => use.id === 'fridge')?.gasKg).toBeCloseTo(
    run.appliances.find(({ id }) => id === 'fridge')?.wantedKg ?? NaN,
    9,
  )
})

test('a day of 12 V adds up to what the run drew', () => {
  const battery = batterySchema.parse({ capacityC: 360_000, usableShare: 0.9, solarC: 36_000 })
  const fridge = {
    ...steadyBurner(1400),
    id: 'fridge',
    name: 'Fridge',
    kind: 'fridge',
    habit: { way: 'around' },
    batteryA: 12,
    byNight: ['battery'],
  }
  const input = tripRun({ battery, appliances: [fridge] })
  const run = runTrip(input)
  const { lines, result, further } = batterySlip(battery, input, run)
  const sum = lines.reduce((total, { sign, figure }) => total + (sign === '−' ? -1 : 1) * figure.quantity.value, 0)
  expect(result.figure.quantity.value).toBeCloseTo(Math.abs(sum), 6)
  expect(lines.find(({ label }) => label === 'Fridge')?.figure.quantity.value).toBeCloseTo(
    (run.appliances[0]?.chargeC ?? NaN) / 2,
    9,
  )
  expect(further[0]?.figure.quantity.value).toBeCloseTo(324_000, 6)
})

test('a number of the battery is assumed until somebody enters it, and the sum says so', () => {
  const assumedIn = (battery: Battery) => {
    const { lines, further } = batterySlip(
      battery,
      tripRun({ battery, shoreNights: [0] }),
      runTrip(tripRun({ battery })),
    )
    return [...lines, ...further].filter(({ figure }) => figure.source?.source === 'assumed').map(({ label }) => label)
  }
  expect(assumedIn(usualBattery)).toEqual(['Sun', 'Charger', 'Alarms, lights, pump', 'May be drawn in all'])
  const told = enteredInBattery(enteredInBattery(usualBattery, { capacityC: 720_000 }), { solarC: 36_000 })
  expect(assumedIn(told)).toEqual(['Charger', 'Alarms, lights, pump'])
  expect(assumedIn(batterySchema.parse({ capacityC: 360_000, usableShare: 0.5 }))).toEqual([])
})

describe('driving', () => {
  test('a closed fridge gains 4 to 5 °F in 6 to 8 hours', () => {
    for (const hours of [6, 7, 8]) {
      const { endK } = fridgeWarmUp(fahrenheit(37), fahrenheit(70), hours * 3600)
      expect((endK - fahrenheit(37)) * 1.8).toBeGreaterThan(3.7)
      expect((endK - fahrenheit(37)) * 1.8).toBeLessThan(5.4)
    }
  })

  test('it says when food gets too warm, and refuses impossible input', () => {
    expect(fridgeWarmUp(fahrenheit(34), fahrenheit(70), 3600).tooWarmAtS).toBeNull()
    const { tooWarmAtS } = fridgeWarmUp(fahrenheit(36), fahrenheit(95), 10 * 3600)
    expect(fridgeWarmUp(fahrenheit(36), fahrenheit(95), tooWarmAtS ?? 0).endK).toBeCloseTo(fahrenheit(40), 6)
    expect(fridgeWarmUp(fahrenheit(45), fahrenheit(95), 60).tooWarmAtS).toBe(0)
    expect(fridgeWarmUp(fahrenheit(36), fahrenheit(38), 86_400).tooWarmAtS).toBeNull()
    expect(() => fridgeWarmUp(fahrenheit(36), fahrenheit(70), -1)).toThrow('nothing and a week')
    expect(() => fridgeWarmUp(400, 300, 60)).toThrow('No fridge')
    expect(() => fridgeWarmUp(275, 400, 60)).toThrow('No room')
  })

  test('off where rules are unknown; off everywhere in tunnels, on ferries and at fuel stops', () => {
    expect(drivingRules.at(-1)).toMatchObject({ id: 'elsewhere', on: 'forbidden' })
    expect(alwaysOff.map(({ id }) => id)).toEqual(['fuel', 'tunnel', 'ferry'])
    for (const { source, provenance } of drivingRules) expect(`${source}${provenance}`.length).toBeGreaterThan(20)
  })
})
