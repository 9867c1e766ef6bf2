import {
  NOW,
  TODAY,
  applianceUse,
  bottleGear,
  cylinderGear,
  fitness,
  rigGear,
  soundEquipment,
  tripPlan,
} from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import { hasStop } from '@/core/findings/verdict'
import { tripEndDay } from '@/core/time/day'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { refusedAtPump } from '@/core/trip/readiness/refusedAtPump'
import { gasForTrip } from '@/core/run/analysis/gasForTrip'

test('the day a trip ends, over months and years', () => {
  expect(tripEndDay('2026-12-04', 4)).toBe('2026-12-08')
  expect(tripEndDay('2026-12-30', 3)).toBe('2027-01-02')
  expect(tripEndDay('2028-02-28', 1)).toBe('2028-02-29')
  expect(tripEndDay('soon', 3)).toBe('soon')
  expect(tripEndDay('2026-12-04', NaN)).toBe('2026-12-04')
})

describe('a cylinder no pump would fill is reported where gas is short', () => {
  const long = tripPlan({ nights: 40 })
  const overdue = cylinderGear({ fitness: fitness('removable', { manufacturedMonth: '2011-06' }) })
  const refused = (gear: Parameters<typeof gasForTrip>[0], trip = long) => refusedAtPump(gasForTrip(gear, trip), TODAY)

  test('an overdue one, with the reason', () => {
    expect(refused([overdue])).toMatchObject([
      { code: 'refused-at-pump', station: 'fill', severity: 'fix-first', remedy: { subjectId: 'left' } },
    ])
  })
  test('not reported where gas is enough, where the pump would fill it, or where nobody burns from it', () => {
    expect(refused([overdue], tripPlan())).toEqual([])
    expect(refused([cylinderGear()])).toEqual([])
    expect(refused([overdue], tripPlan({ uses: [] }))).toEqual([])
  })
  test('disposable bottles are not taken to a pump', () => {
    const uses = [applianceUse({ supply: 'bottles', burnPerDayS: 3600 * 10 })]
    expect(refused([bottleGear({ kind: 'bottle' })], tripPlan({ uses }))).toEqual([])
  })
})

describe('one trip from start to end', () => {
  const judge = (gear: Parameters<typeof rigGear>[0], equipment = soundEquipment()) =>
    judgeTrip(rigGear(gear, { equipment }), tripPlan(), NOW)
  const codes = (gear: Parameters<typeof rigGear>[0]) => judge(gear).findings.map(({ code }) => code)

  test('a date that expires on the trip counts from its first to its last day', () => {
    const made = (manufacturedMonth: string) => cylinderGear({ fitness: fitness('removable', { manufacturedMonth }) })
    expect(codes([made('2016-12')])).not.toContain('date-due-in-trip')
    const over = judgeTrip(rigGear([made('2016-12')]), tripPlan({ startDay: '2026-12-30', nights: 5 }), NOW)
    expect(over.findings.map(({ code }) => code)).toContain('date-due-in-trip')
  })
  test('a refilled disposable bottle is a stop only on a trip it comes along on', () => {
    const refilled = (aboard: boolean) =>
      bottleGear({ kind: 'bottle', aboard, fitness: fitness('bottle', { refilledAt: NOW, specification: 'DOT-39' }) })
    expect(hasStop(judge([cylinderGear(), refilled(true)]).findings)).toBe(true)
    expect(hasStop(judge([cylinderGear(), refilled(false)]).findings)).toBe(false)
  })
  test('a cylinder out of service does not count: gas is short without it', () => {
    const retiredBy = { answers: { bulge: 'bad' as const }, lookedAt: NOW }
    const retired = cylinderGear({ fitness: fitness('removable', { retiredBy }) })
    expect(judge([retired])).toMatchObject({ verdict: 'stop', enough: 'short' })
    const second = cylinderGear({ id: 'r', lastWeighing: { grossKg: 37 * POUND_KG, hangingKg: 0, weighedAt: NOW } })
    expect(judge([retired, second])).toMatchObject({ verdict: 'stop', enough: 'enough' })
  })
  test('an old hose alone keeps a trip from being ready', () => {
    const old = soundEquipment().map((thing) => (thing.kind === 'hose' ? { ...thing, madeMonth: '2019-01' } : thing))
    const found = judge([cylinderGear()], old).findings.filter(({ station }) => station === 'cylinders')
    expect(found.map(({ code }) => code)).toEqual(['equipment-old'])
    expect(judge([cylinderGear()]).findings.filter(({ station }) => station === 'cylinders')).toEqual([])
  })
})
