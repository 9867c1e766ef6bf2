import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { Bench } from 'tinybench'
import { contents } from '@/core/cylinders/contents'
import type { CylinderGear } from '@/core/cylinders/gear'
import { cylinderState } from '@/core/fluids/cylinderState'
import { saturation } from '@/core/fluids/saturation'
import { judgeTrip } from '@/core/readiness/judgeTrip'
import type { TripPlan } from '@/core/running/tripPlan'
import { parseQuantity } from '@/core/units/parseQuantity'

const PORT = 4699
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
}
const trip: TripPlan = {
  id: 'trip',
  name: 'Trip',
  nights: 4,
  reserveShare: 0.2,
  altitudeM: 2410,
  coldestK: 264,
  uses: [{ id: 'heater', name: 'Heater', inputW: 880, supply: 'line', burnPerDayS: 30_000 }],
}

/** Walks the range, so that no branch is guessed and nothing is folded away. */
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
    .add('a trip judged', () => judgeTrip([gear, gear], trip, '2026-12-01T00:00:00Z'))
  await bench.run()
  for (const { name, result } of bench.tasks) {
    if (result?.state !== 'completed') throw new Error(`${name} did not run: ${result?.state}`)
    const { p50, p99 } = result.latency
    console.log(
      `${name.padEnd(38)} median ${(p50 * 1000).toFixed(2).padStart(8)} µs   p99 ${((p99 ?? 0) * 1000).toFixed(2)} µs`,
    )
  }
}

function started(file: string): Promise<ChildProcess> {
  const server = spawn(process.execPath, ['node_modules/.bin/next', 'start', '-H', '127.0.0.1', '-p', String(PORT)], {
    env: { ...process.env, NODE_ENV: 'production', GOLD_KETTLE_DB: file, NEXT_TELEMETRY_DISABLED: '1' },
  })
  return new Promise((resolve, reject) => {
    server.once('exit', (code) => reject(new Error(`The server ended with ${code}`)))
    server.stdout.on('data', (chunk: Buffer) => {
      if (/ready in/i.test(chunk.toString())) resolve(server)
    })
  })
}

function share(sorted: readonly number[], part: number): string {
  return (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? NaN).toFixed(1).padStart(7)
}

async function benchRequest(name: string, place: string, init?: RequestInit): Promise<void> {
  const times: number[] = []
  for (let i = 0; i < REQUESTS + 20; i += 1) {
    const before = performance.now()
    const response = await fetch(`http://127.0.0.1:${PORT}${place}`, init)
    await response.arrayBuffer()
    if (response.status !== 200) throw new Error(`${place} answered ${response.status}`)
    // The first ones warm the server up.
    if (i >= 20) times.push(performance.now() - before)
  }
  times.sort((a, b) => a - b)
  console.log(`${name.padEnd(38)} median ${share(times, 0.5)} ms   p95 ${share(times, 0.95)} ms`)
}

async function benchServer(): Promise<void> {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-bench-'))
  const file = path.join(folder, 'demo.db')
  const env = { ...process.env, GOLD_KETTLE_DB: file }
  const prepared = spawnSync('node_modules/.bin/tsx', ['scripts/prepare.ts', '--demo'], { env, stdio: 'inherit' })
  if (prepared.status !== 0) throw new Error('The demo world could not be loaded')
  const server = await started(file)
  try {
    const json = (body: object): RequestInit => ({
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    await benchRequest('API saturation', '/api/v1/calc/saturation', json({ fluid: 'propane', temperatureK: 290 }))
    await benchRequest(
      'API contents',
      '/api/v1/calc/contents',
      json({ gas: 'propane', grossKg: 14.24, tareKg: 8.07, waterCapacityKg: 21.59 }),
    )
    await benchRequest('API index', '/api/v1/calc')
    for (const place of ['/', '/cylinders', '/cylinders/left', '/run']) await benchRequest(`Page ${place}`, place)
  } finally {
    server.removeAllListeners('exit')
    server.kill()
    fs.rmSync(folder, { recursive: true, force: true })
  }
}

console.log(
  `Node ${process.versions.node}, ${os.cpus().length} cores, ${os.cpus()[0]?.model ?? 'processor not named'}\n`,
)
await benchCore()
console.log('')
await benchServer()
