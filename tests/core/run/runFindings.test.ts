import fc from 'fast-check'
import { applianceUse, bottleGear, cylinderGear, tripPlan } from '@tests/gear'
import { runRig } from '@tests/run'
import { BTU_PER_HOUR_W, fahrenheit, POUND_KG } from '@tests/tradeUnits'
import type { Finding } from '@/core/findings/Finding'
import { formatPhrase } from '@/core/units/formatQuantity'
import { batterySchema } from '@/core/run/battery/battery'
import { baselineScenario, buildRunInput, type RunRig } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import { typedForecast } from '@/core/run/weather/typedForecast'
import type { ApplianceUse, TripPlan } from '@/core/run/tripPlan'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { lineSupply } from '@/core/run/simulation/lineSupply'
import { runFindings } from '@/core/run/analysis/runFindings'
import { runSummary } from '@/core/run/analysis/runSummary'
import { runSettingsSchema } from '@/core/run/runSettings'

const settings = (change: object = {}) => runSettingsSchema.parse(change)
const furnace = (change: Partial<ApplianceUse> = {}) =>
  applianceUse({
    id: 'furnace',
    name: 'Furnace',
    kind: 'furnace',
    inputW: 30_000 * BTU_PER_HOUR_W,
    habit: { way: 'warmth', awakeK: 292, asleepK: 288 },
    ...change,
  })
const warmth = { lossWPerK: 120, capacityJPerK: 600_000 }
const battery = batterySchema.parse({ capacityC: 100 * 3600, usableShare: 0.5, solarC: 60 * 3600 })

function found(plan: TripPlan, change: Partial<RunRig> = {}, shortOf: string[] = []): Finding[] {
  const { trip, input, run } = runOutlook(runRig(change), plan, baselineScenario)
  return runFindings(trip, input, run, shortOf)
}
const codes = (findings: readonly Finding[]) => findings.map(({ code }) => code)
const words = (findings: readonly Finding[]) => findings.map(({ sentence }) => formatPhrase(sentence, 'us'))

test('a mild trip with enough of everything raises no finding', () => {
  expect(found(tripPlan())).toEqual([])
})

describe('an outage is reported with its cause', () => {
  const frost = tripPlan({ coldestK: fahrenheit(-5), nights: 1, uses: [furnace()] })

  test('cold: where, when, and how much gas stays in it', () => {
    const full = cylinderGear({
      lastWeighing: { grossKg: 37 * POUND_KG, hangingKg: 0, weighedAt: '2026-11-30T09:00:00Z' },
    })
    const findings = found(frost, { cylinders: [full], warmth })
    expect(codes(findings)).toEqual(['cold-starve'])
    expect(words(findings)[0]).toMatch(
      /^Cold stops the rig’s line on night \d, \d+:\d\d [ap]m, with \d+\.\d\slb still in it\.$/,
    )
    expect(findings[0]).toMatchObject({ station: 'run', severity: 'fix-first', remedy: { about: 'line' } })
  })

  test('empty: unless “not enough” is reported already', () => {
    const long = tripPlan({ nights: 20, uses: [applianceUse({ burnPerDayS: 86_400 })] })
    expect(codes(found(long))).toEqual(['runs-empty'])
    expect(codes(found(long, {}, ['line']))).toEqual([])
  })

  test('nobody awake to switch over; or somebody who gets up, as a note with the hour', () => {
    const pair = {
      cylinders: ['left', 'right'].map((id) =>
        cylinderGear({
          id,
          name: id,
          lastWeighing: { grossKg: 20.8 * POUND_KG, hangingKg: 0, weighedAt: '2026-11-30T09:00:00Z' },
        }),
      ),
    }
    const plan = (change: object) =>
      tripPlan({
        nights: 1,
        uses: [applianceUse({ inputW: 9000 * BTU_PER_HOUR_W, burnPerDayS: 12 * 3600 })],
        settings: settings(change),
      })
    // Lit at 18:00, 3 lb at 9,000 BTU/h end at about 1:00.
    expect(codes(found(plan({ changeover: 'one-side' }), pair))).toEqual(['nobody-turns-over'])
    const up = found(plan({ changeover: 'one-side', getUp: true }), pair)
    expect(up.map(({ code, severity }) => [code, severity])).toEqual([['get-up-at-night', 'note']])
    expect(words(up)[0]).toMatch(/night 1, (12|1):\d\d am/)
    expect(codes(found(plan({ changeover: 'automatic' }), pair))).toEqual([])
  })

  test('the battery, with the cylinders full', () => {
    const cold = tripPlan({ coldestK: 268, uses: [furnace({ currentA: 7, needsBattery: true })] })
    const small = { ...battery, capacityC: 30 * 3600, solarC: 0 }
    const findings = found(cold, { warmth: { ...warmth, lossWPerK: 60 }, battery: small })
    expect(codes(findings)).toContain('battery-short')
    expect(words(findings).join()).toContain('Furnace stops with gas in the cylinders')
  })

  test('a battery drained by its own loads', () => {
    const uses = [
      applianceUse({
        id: 'fridge',
        name: 'Fridge',
        kind: 'fridge',
        habit: { way: 'around' },
        byNight: ['battery', 'battery'],
      }),
    ]
    const findings = found(tripPlan({ uses }), { battery: { ...battery, capacityC: 30 * 3600, solarC: 0 } })
    expect(codes(findings)).toEqual(['battery-short'])
    expect(formatPhrase(findings[0]?.reason ?? { text: '' }, 'us')).toContain('Fridge runs on it')
  })

  test('pilots that need lighting again', () => {
    const uses = [
      applianceUse({ burnPerDayS: 86_400, inputW: 6000 }),
      applianceUse({ id: 'water', name: 'Water heater', kind: 'water-heater', pilotW: 130, burnPerDayS: 600 }),
    ]
    const findings = found(tripPlan({ nights: 5, uses })).filter(({ severity }) => severity === 'note')
    expect(codes(findings)).toEqual(['pilots-to-relight'])
    expect(words(findings)[0]).toContain('Water heater')
  })
})

describe('what is unknown is said', () => {
  test('weather, the room’s loss, the battery, words', () => {
    const uses = [
      furnace({ inputW: 900, currentA: 6, needsBattery: true }),
      applianceUse({ id: 'cook', name: 'Cooktop', kind: 'cooktop', habit: { way: 'acts', words: 'one fondue' } }),
    ]
    expect(codes(found(tripPlan({ nights: 1, coldestK: null, uses })))).toEqual([
      'weather-not-known',
      'warmth-not-known',
      'battery-not-entered',
      'habit-not-understood',
    ])
  })

  test('a forecast of other days, and one that ends too soon', () => {
    const forecast = { ...typedForecast([{ lowK: 270, highK: 280, windMS: 0 }], 15), fromDay: '2026-12-04' }
    const plan = (change: Partial<TripPlan>) => tripPlan({ nights: 1, forecast, ...change })
    expect(found(plan({}))).toEqual([])
    const other = found(plan({ startDay: '2026-12-11' }))
    expect(codes(other)).toEqual(['forecast-of-other-days'])
    expect(formatPhrase(other[0]?.reason ?? { text: '' }, 'us')).toContain('2026-12-04')
    expect(words(found(plan({ nights: 4 })))).toEqual(['The forecast ends before the trip does.'])
  })

  test('none of it where nothing burns', () => {
    expect(found(tripPlan({ coldestK: null, uses: [] }))).toEqual([])
  })
})

describe('an unvented heater while people sleep', () => {
  const panel = (habit: ApplianceUse['habit']) =>
    tripPlan({ uses: [applianceUse({ id: 'panel', kind: 'panel-heater', inputW: 500, habit })] })
  const asleep = (plan: TripPlan) => found(plan, { warmth }).filter(({ code }) => code === 'heater-lit-asleep')

  test.each([
    [{ way: 'warmth', awakeK: 291, asleepK: 285 }, true],
    [{ way: 'warmth', awakeK: 291, asleepK: null }, false],
    [{ way: 'hours', burnPerDayS: 4 * 3600, fromH: 18 }, false],
    [{ way: 'hours', burnPerDayS: 14 * 3600, fromH: 18 }, true],
    [{ way: 'hours', burnPerDayS: 2 * 3600, fromH: 2 }, true],
    [{ way: 'hours', burnPerDayS: 3600, fromH: 7 }, false],
  ] as const)('%o: %s', (habit, is) => {
    const stops = asleep(panel(habit))
    expect(stops.length > 0).toBe(is)
    for (const { severity } of stops) expect(severity).toBe('stop')
  })

  test('property: hours typed on the trip are judged as the same hours in Run, which begin at 6 pm', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 24 * 60 }), (minutes) => {
        const burnPerDayS = minutes * 60
        const typed = { id: 'panel', kind: 'panel-heater', inputW: 500, burnPerDayS } as const
        const onTrip = asleep(tripPlan({ uses: [applianceUse({ ...typed, habit: null })] }))
        const inRun = asleep(panel({ way: 'hours', burnPerDayS, fromH: 18 }))
        expect(onTrip.map(({ code }) => code)).toEqual(inRun.map(({ code }) => code))
        // People sleep from 10:30 pm: five hours are over half an hour into their sleep.
        expect(onTrip.length > 0).toBe(minutes > 5 * 60)
      }),
      { numRuns: 40 },
    )
  })

  test('a vented furnace is allowed', () => {
    expect(asleep(tripPlan({ uses: [furnace({ inputW: 900 })] }))).toEqual([])
  })
})

describe('what the rig gives to a run', () => {
  test('the drawn line: its changeover and what its regulator needs', () => {
    const line = readyMadeLines.find(({ id }) => id === 'two-cylinders')?.line
    if (!line) throw new Error('no such line')
    const { changeover, needGaugePa, ratedW } = lineSupply([{ id: 'l', name: 'Line', line }])
    expect(changeover).not.toBeNull()
    expect(needGaugePa).toBeCloseTo(10 * 6894.757, 0)
    expect(ratedW).toBeGreaterThan(0)
    expect(lineSupply([])).toEqual({ changeover: null, firstCylinderId: null, needGaugePa: 68_947.6, ratedW: null })
  })

  test('a cylinder without a weighing counts as empty, one not aboard does not count', () => {
    const cylinders = [
      cylinderGear(),
      cylinderGear({ id: 'unknown', lastWeighing: null }),
      cylinderGear({ id: 'home', aboard: false }),
      bottleGear(),
    ]
    const input = buildRunInput(runRig({ cylinders }), tripPlan())
    expect(input.cylinders.map(({ id, sourceId }) => [id, sourceId])).toEqual([
      ['left', 'line'],
      ['unknown', 'line'],
      ['bottle', 'bottles'],
    ])
    expect(input.cylinders[1]?.massKg).toBe(0)
  })

  test('an appliance’s own cylinder is taken off the line', () => {
    const cylinders = [cylinderGear(), cylinderGear({ id: 'right', name: 'Right' })]
    const plan = tripPlan({ uses: [applianceUse({ id: 'fridge', cylinderId: 'right' }), applianceUse()] })
    const input = buildRunInput(runRig({ cylinders }), plan)
    expect(input.cylinders.map(({ sourceId }) => sourceId)).toEqual(['line', 'own right'])
    expect(input.appliances.map(({ sourceId }) => sourceId)).toEqual(['own right', 'line'])
    expect(input.sources.find(({ id }) => id === 'own right')?.name).toBe('Right')
  })

  test('assumptions: filled to the limit, and more cylinders aboard', () => {
    const input = buildRunInput(runRig(), tripPlan(), { fills: ['left'], moreCylinders: 1, moreBottles: 2 })
    expect(input.cylinders[0]?.massKg).toBeCloseTo(20 * POUND_KG, 1)
    expect(input.cylinders.map(({ sourceId }) => sourceId)).toEqual(['line', 'line', 'bottles', 'bottles'])
  })

  test('longer trips use longer steps', () => {
    const step = (nights: number) => buildRunInput(runRig(), tripPlan({ nights })).stepS
    expect([step(4), step(14), step(40), step(366)]).toEqual([300, 600, 1800, 3600])
  })
})

describe('at a glance', () => {
  test('nothing burns, all is well, or what stops it: a sentence each', () => {
    const head = (plan: TripPlan) => {
      const { run, input } = runOutlook(runRig(), plan, baselineScenario)
      return runSummary(run, input)
    }
    expect(head(tripPlan({ uses: [] }))).toMatchObject({
      goes: null,
      sentence: { text: 'Nothing burns on this trip yet.' },
    })
    const well = head(tripPlan())
    expect(well.goes).toBe('well')
    expect(formatPhrase(well.sentence, 'us')).toMatch(
      /Nearest to its limit: the rig’s line, night \d, .* with \d+\spsi/,
    )
    expect(well.figures.map(({ label }) => label)).toEqual(['least pressure', 'gas wanted', 'left at the end'])
    const ends = head(tripPlan({ nights: 20, uses: [applianceUse({ burnPerDayS: 86_400 })] }))
    expect(ends.goes).toBe('short')
    expect(formatPhrase(ends.sentence, 'us')).toMatch(/^The gas of the rig’s line ends on night/)
  })
})
