import type { OptionalEquipment } from '@/core/cylinders/equipment/equipment'
import type { OwnDrivingRule } from '@/core/run/travel/ownDrivingRule'
import { bottleGear, cylinderGear, fitness, NOW, rigGear, tripPlan } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import { stationStates } from '@/app/shared/stationStates'
import type { RigSnapshot } from '@/services/rigs/rigSnapshot'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { plainCylinder } from '@/records/repositories/cylinders/cylinders'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { findingKey, isAcceptable, readiness } from '@/core/trip/readiness/readiness'

function snapshot(cylinders: readonly CylinderGear[], withTrip: boolean): RigSnapshot {
  const row = { ...plainCylinder, rigId: 'rig', position: 0, archivedAt: null, version: 1 }
  const rig = {
    id: 'rig',
    name: 'Marigold',
    ruleSetId: 'ten-then-five',
    ownRule: null,
    bottleSchool: 'refillable',
    heatless: false,
    drivingRules: [] as OwnDrivingRule[],
    noneNeeded: [] as OptionalEquipment[],
    battery: null,
    shell: null,
    sources: {},
    archivedAt: null,
    version: 1,
  } as const
  const gear = rigGear(cylinders)
  const { id, name, startDay, nights, altitudeM, coldestK, reserveShare } = tripPlan()
  const place = { id, name, startDay, nights, altitudeM, coldestK, reserveShare }
  const tripRow = { ...place, rigId: 'rig', settings: null, forecast: null, sources: {}, archivedAt: null, version: 1 }
  const judgment = judgeTrip(gear, tripPlan(), NOW)
  const ready = readiness(judgment.findings, [])
  const judged = { rig, row: tripRow, plan: tripPlan(), gear, judgment, acceptances: [], ready, nowIso: NOW }
  return {
    rig,
    cylinders: cylinders.map((gear) => ({ gear, row: { ...row, ...gear, sources: {} } })),
    appliances: [],
    equipment: [],
    lines: [],
    heat: rigGear([]).heat,
    gear,
    trip: undefined,
    judged: withTrip ? judged : null,
    nowIso: NOW,
  }
}

const overfilled = cylinderGear({ lastWeighing: { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW } })

test('the trip counts all findings, a station only its own', () => {
  const states = stationStates(snapshot([overfilled, bottleGear()], true))
  expect(states.trip).toMatchObject({ mark: 'stop' })
  expect(states.cylinders).toEqual({ mark: 'stop', count: 1 })
  expect(states.trip.count).toBeGreaterThan(states.cylinders.count)
})

test('stations that are not built say so, with any findings', () => {
  const states = stationStates(snapshot([cylinderGear()], true))
  expect(states.practice).toEqual({ mark: 'none', count: 0 })
  // The logbook raises no findings.
  expect(states.log).toEqual({ mark: 'none', count: 0 })
})

test('without a trip nothing is ready; a problem of a cylinder shows anyway', () => {
  expect(stationStates(snapshot([cylinderGear()], false)).cylinders).toEqual({ mark: 'none', count: 0 })
  expect(stationStates(snapshot([cylinderGear()], false)).trip).toEqual({ mark: 'empty', count: 0 })
  expect(stationStates(snapshot([overfilled], false)).cylinders).toEqual({ mark: 'stop', count: 1 })
})

test('with a trip and enough gas Run is ready, and the trip is not', () => {
  const states = stationStates(snapshot([cylinderGear()], true))
  expect(states.run).toEqual({ mark: 'ready', count: 0 })
  expect(states.trip.mark).toBe('fix-first')
})

test('a station without data is not ready: nothing is entered', () => {
  const marks = (cylinders: readonly CylinderGear[], withTrip: boolean, change: Partial<RigSnapshot> = {}) =>
    stationStates({ ...snapshot(cylinders, withTrip), ...change })
  const none = marks([], false)
  for (const station of ['cylinders', 'fill', 'hookup', 'leak-test', 'heat', 'run', 'trip'] as const) {
    expect(none[station]).toEqual({ mark: 'empty', count: 0 })
  }
  // Without a line nothing was leak-tested, and without a date nothing may be filled.
  expect(marks([cylinderGear()], true)['leak-test']).toEqual({ mark: 'empty', count: 0 })
  const undated = cylinderGear({ fitness: fitness('removable', { manufacturedMonth: null }) })
  expect(marks([undated], true).fill).toEqual({ mark: 'empty', count: 0 })
  expect(marks([cylinderGear()], true).fill).toEqual({ mark: 'ready', count: 0 })
})

test('a station with something accepted is the owner’s call, not ready', () => {
  const whole = snapshot([cylinderGear({ lastWeighing: null })], true)
  const { judged } = whole
  if (!judged) throw new Error('no trip')
  const acceptances = judged.judgment.findings.filter(isAcceptable).map((finding, i) => ({
    id: String(i),
    findingKey: findingKey(finding),
    sentence: finding.sentence,
    reason: 'nobody can weigh it here',
    acceptedAt: NOW,
  }))
  const ready = readiness(judged.judgment.findings, acceptances)
  const states = stationStates({ ...whole, judged: { ...judged, acceptances, ready } })
  expect(ready.acceptedCount).toBeGreaterThan(0)
  for (const station of ['trip', 'cylinders', 'run'] as const) expect(states[station].mark).not.toBe('ready')
})

test('a note is no work: it is not counted', () => {
  const old = cylinderGear({ lastWeighing: { grossKg: 14, hangingKg: 0, weighedAt: '2026-10-01T00:00:00Z' } })
  const { judged, ...rest } = snapshot([old], true)
  expect(judged?.judgment.findings.some(({ code }) => code === 'weighing-old')).toBe(true)
  expect(stationStates({ ...rest, judged }).cylinders.count).toBe(0)
})
