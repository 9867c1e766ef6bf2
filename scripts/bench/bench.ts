import os from 'node:os'
import { clearanceCheck } from '@/core/heat/clearance/clearanceCheck'
import { placements } from '@/core/heat/clearance/placements'
import { contents } from '@/core/cylinders/contents/contents'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import { cylinderState } from '@/core/fluids/cylinderState'
import { saturation } from '@/core/fluids/saturation'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { findRuleSet } from '@/core/rules/dateRules'
import { runTrip } from '@/core/run/simulation/runTrip'
import type { TripPlan } from '@/core/run/tripPlan'
import { parseQuantity } from '@/core/units/parseQuantity'
import { Bench } from 'tinybench'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { heatCurve } from '@/core/cylinders/contents/heatCurve'
import { decant } from '@/core/fill/decanting/decant'
import { fillLimit } from '@/core/cylinders/limits/fillLimit'
import { checkLine } from '@/core/hookup/checks/checkLine'
import { starvationRemedies } from '@/core/hookup/flow/starvationRemedies'
import { leakRate } from '@/core/leak-test/hold/leakRate'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { coldDraw } from '@/core/vaporization/coldDraw'
import { monteCarlo } from '@/core/run/analysis/monteCarlo'
import { vaporization, vaporizationSchema } from '@/core/vaporization/vaporization'
import { benchLine } from './benchLine'
import { benchLog } from './benchLog'
import { benchRoom } from './benchRoom'
import { benchTrip } from './benchTrip'
import { temporaryServer } from '../server'

const REQUESTS = 150

const gear: CylinderGear = {
  id: 'left',
  name: 'Left',
  kind: 'removable',
  tareKg: 8.07,
  waterCapacityKg: 21.59,
  labelNetKg: null,
  aboard: true,
  lastWeighing: { grossKg: 14.24, hangingKg: 0, weighedAt: '2026-11-30T00:00:00Z' },
  lastLevel: null,
  shutUntil: null,
  fitness: {
    specification: 'DOT-4BA240',
    manufacturedMonth: '2020-03',
    marks: [{ month: '2025-05', letter: 'E', requalifier: null }],
    labelIntervalMonths: null,
    endOfLifeMonth: null,
    overfillStop: 'yes',
    rule: findRuleSet('us-dot'),
    lastLook: null,
    retiredBy: null,
    refilledAt: null,
  },
}
const trip: TripPlan = {
  id: 'trip',
  name: 'Trip',
  startDay: '2026-12-04',
  nights: 4,
  reserveShare: 0.2,
  altitudeM: 2410,
  coldestK: 264,
  uses: [{ id: 'heater', name: 'Heater', inputW: 880, supply: 'line', burnPerDayS: 30_000 }],
}

const small = benchLine(60)
const large = benchLine(200)
const place = { atmospherePa: 101325, untilMonth: '2026-12' }

/** Varies the input over its range, against branch prediction and constant folding. */
let walk = 0
const kelvin = (): number => 220 + (walk = (walk + 0.37) % 80)

async function benchCore(): Promise<void> {
  const bench = new Bench({ time: 500 })
  bench
    .add('saturation, propane', () => saturation('propane', kelvin()))
    .add('saturation, CO2', () => saturation('co2', kelvin()))
    .add('cylinder state, propane two-phase', () => cylinderState('propane', 6.2, 0.0216, kelvin()))
    .add('cylinder state, propane liquid-full', () => cylinderState('propane', 12.4, 0.0216, kelvin()))
    .add('cylinder state, CO2 supercritical', () => cylinderState('co2', 2.27, 0.00334, 310 + (kelvin() - 220) / 4))
    .add('contents by weight', () => contents({ gas: 'propane', grossKg: 14.24, tareKg: 8.07, waterCapacityKg: 21.59 }))
    .add('reading “1 lb 11.6 oz”', () => parseQuantity('1 lb 11.6 oz', 'mass'))
    .add('reading a collar', () => readStamps('TW 17.8 WC 47.6 DOT-4BA240 06-11 E 05-25', '2026-11'))
    .add('until when it may be filled', () => gearRequalification(gear, '2026-11-24'))
    .add('fill limit', () => fillLimit({ gas: 'propane', waterCapacityKg: 21.59, liquidTemperatureK: kelvin() }))
    .add('decanting one bottle', () =>
      decant({
        supplyTemperatureK: 300,
        bottleTemperatureK: kelvin() - 10,
        bottleTareKg: 0.41,
        bottleWaterCapacityKg: 1.107,
      }),
    )
    .add('heat curve, 106 points', () =>
      heatCurve({ gas: 'propane', netKg: 9, waterCapacityKg: 21.59, altitudeM: walk, reliefGaugePa: 2.6e6 }),
    )
    .add('a line of 60 parts judged', () => checkLine('line', small, { ...place, temperatureK: kelvin() }))
    .add('a line of 200 parts judged', () => checkLine('line', large, { ...place, temperatureK: kelvin() }))
    .add('what mends a starving line of 60', () => {
      const demandsW = Object.fromEntries(small.parts.map(({ id }) => [id, id.startsWith('appliance') ? 6000 : 0]))
      starvationRemedies(small, lineGraph(small), { ...place, temperatureK: kelvin(), demandsW })
    })
    .add('leak rate', () =>
      leakRate({
        lineVolumeM3: 0.0008,
        startGaugePa: 2000 + walk,
        endGaugePa: 1900,
        durationS: 180,
        startK: 288,
        endK: 287,
      }),
    )
    .add('a heater against 40 things', () =>
      clearanceCheck({ ...benchRoom, pose: { xM: 4 + (kelvin() - 220) / 100, yM: 1.1, turnDeg: 0, bottomM: 0 } }),
    )
    .add('places in 6 m, 5 cm grid, 40 things', () => placements({ ...benchRoom, gridM: 0.05 }))
    .add('7 nights in steps of 60 s', () => runTrip({ ...benchTrip, altitudeM: 2000 + walk }))
    .add('7 nights in steps of 300 s', () => runTrip({ ...benchTrip, stepS: 300, altitudeM: 2000 + walk }))
    .add('draw a cylinder keeps up', () =>
      vaporization(
        vaporizationSchema.parse({
          vessel: { waterCapacityKg: 108 },
          liquidKg: 27,
          airTemperatureK: kelvin(),
          minimumGaugePa: 0,
        }),
      ),
    )
    .add('one cylinder until too cold', () =>
      coldDraw({
        vessel: { waterCapacityKg: 21.59, stands: 'upright' },
        massKg: 6,
        drawW: 6000,
        airTemperatureK: 262 + (kelvin() - 220) / 20,
        minimumGaugePa: 70_000,
        windMS: 0,
        site: 'locker',
        altitudeM: 0,
      }),
    )
    .add('a trip judged', () =>
      judgeTrip(
        {
          cylinders: [gear, gear],
          equipment: [],
          lines: [],
          heat: { rooms: [], heaters: [], heatless: true, warmth: null },
          battery: null,
        },
        trip,
        '2026-12-01T00:00:00Z',
      ),
    )
  await bench.run()
  for (const { name, result } of bench.tasks) {
    if (result?.state !== 'completed') throw new Error(`${name} did not run: ${result?.state}`)
    const { p50, p99 } = result.latency
    console.log(
      `${name.padEnd(38)} median ${(p50 * 1000).toFixed(2).padStart(8)} µs   p99 ${((p99 ?? 0) * 1000).toFixed(2)} µs`,
    )
  }
}

/** 500 runs of the seven nights, and the share of the cylinder steps. */
function benchSpread(): void {
  const before = performance.now()
  const { coarse, fine } = monteCarlo(benchTrip, 500, Math.random)
  const tookS = (performance.now() - before) / 1000
  const off = (coarse.usedKg / fine.usedKg - 1) * 100
  console.log(
    `500 runs of 7 nights                   ${tookS.toFixed(2)} s on one core; steps of ${coarse.stepS} s burn ${off.toFixed(2)} % more than of ${fine.stepS} s`,
  )
}

function share(sorted: readonly number[], part: number): string {
  return (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? NaN).toFixed(1).padStart(7)
}

async function benchRequest(name: string, address: string, init?: RequestInit): Promise<void> {
  const times: number[] = []
  for (let i = 0; i < REQUESTS + 20; i += 1) {
    const before = performance.now()
    const response = await fetch(address, init)
    await response.arrayBuffer()
    if (response.status !== 200) throw new Error(`${address} answered ${response.status}`)
    // The first requests warm the server up.
    if (i >= 20) times.push(performance.now() - before)
  }
  times.sort((a, b) => a - b)
  console.log(`${name.padEnd(38)} median ${share(times, 0.5)} ms   p95 ${share(times, 0.95)} ms`)
}

async function benchServer(): Promise<void> {
  const server = await temporaryServer('demo')
  const json = (body: object): RequestInit => ({
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  try {
    const calc = `${server.url}/api/v1/calc`
    await benchRequest('API saturation', `${calc}/saturation`, json({ fluid: 'propane', temperatureK: 290 }))
    const weighed = { gas: 'propane', grossKg: 14.24, tareKg: 8.07, waterCapacityKg: 21.59 }
    await benchRequest('API contents', `${calc}/contents`, json(weighed))
    await benchRequest(
      'API requalification',
      `${calc}/requalification`,
      json({ stamps: '06-11 E 05-25', ruleSet: 'us-dot', on: '2026-11-24' }),
    )
    const night = { room: { lengthM: 4, widthM: 1.8, heightM: 1.8 }, heaterW: 900, outside: { temperatureK: 268 } }
    await benchRequest('API room-air, an hour', `${calc}/room-air`, json({ ...night, durationS: 3600 }))
    await benchRequest('API index', calc)
    for (const place of [
      '/',
      '/cylinders',
      '/cylinders/left',
      '/cylinders/left/dates',
      '/fill',
      '/fill/bottles',
      '/hookup',
      '/hookup/joints',
      '/leak-test',
      '/leak-test/hold',
      '/heat',
      '/heat/air',
      '/run',
    ]) {
      await benchRequest(`Page ${place}`, server.url + place)
    }
  } finally {
    await server.stop()
  }
}

console.log(
  `Node ${process.versions.node}, ${os.cpus().length} cores, ${os.cpus()[0]?.model ?? 'processor not named'}\n`,
)
await benchCore()
benchSpread()
console.log('')
await benchServer()
await benchLog()
