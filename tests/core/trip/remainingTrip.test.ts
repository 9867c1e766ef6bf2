import { applianceUse, bottleGear, cylinderGear, NOW, rigGear, tripPlan } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import fc from 'fast-check'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { burnedGasKg } from '@/core/appliances/runtime'
import { nightsLeft, unmeasuredSinceStart, remainingTrip } from '@/core/trip/usage/remainingTrip'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import type { TripPlan } from '@/core/run/tripPlan'
import { usualRunSettings } from '@/core/run/runSettings'
import { tripMoments } from '@/core/trip/usage/tripMoments'

const hourly = (from: number): number[] => Array.from({ length: 96 }, (_, hour) => from + hour / 100)
// Departure on December 4 at 15:00, seven hours behind UTC: 22:00 UTC.
const trip = tripPlan({
  nights: 4,
  uses: [{ ...tripPlan().uses[0], byNight: ['battery', 'shore', 'gas', 'gas'] } as never],
  settings: {
    ...usualRunSettings,
    shoreNights: [1, 3],
    refills: [
      { cylinderId: 'left', atS: 3600 },
      { cylinderId: 'left', atS: 50 * 3600 },
    ],
    clockChanges: [{ atS: 40 * 3600, shiftS: 3600 }],
  },
  forecast: {
    origin: 'file',
    name: 'x',
    fromDay: '2026-12-04',
    temperatureK: hourly(270),
    windMS: hourly(1),
    spreadK: [],
  },
})
const weighed = (weighedAt: string) =>
  cylinderGear({ lastWeighing: { grossKg: 30 * POUND_KG, hangingKg: 0, weighedAt } })

test('when it begins and ends by the owner’s clock', () => {
  const { startMs, endMs, days } = tripMoments(trip, '2026-12-05T09:00:00-07:00')
  expect(new Date(startMs).toISOString()).toBe('2026-12-04T22:00:00.000Z')
  // The clock of this trip is set an hour ahead on its second night: midnight comes an hour earlier.
  expect(new Date(endMs).toISOString()).toBe('2026-12-09T06:00:00.000Z')
  expect(days.map(({ day }) => day)).toEqual(['2026-12-04', '2026-12-05', '2026-12-06', '2026-12-07', '2026-12-08'])
  expect(days.map(({ fromMs, toMs }) => (toMs - fromMs) / 3_600_000)).toEqual([24, 24, 23, 24, 24])
})

test('before it, after it, and without a weighing on it: the plan itself', () => {
  const old = weighed('2026-12-01T08:00:00Z')
  expect(remainingTrip(trip, [old], '2026-12-04T14:00:00-07:00')).toBe(trip)
  expect(remainingTrip(trip, [old], '2026-12-09T09:00:00-07:00')).toBe(trip)
  expect(remainingTrip(trip, [old], '2026-12-06T09:00:00-07:00')).toBe(trip)
})

test('from the weigh-in on: nights, hours, forecast, shore power and refills move along', () => {
  // 19:00 on December 5 there: 28 hours after departure.
  const left = remainingTrip(trip, [weighed('2026-12-06T02:00:00Z')], '2026-12-06T09:00:00-07:00')
  expect(left).toMatchObject({ startDay: '2026-12-05', nights: 3 })
  expect(left.settings).toMatchObject({
    startH: 19,
    shoreNights: [0, 2],
    refills: [{ cylinderId: 'left', atS: 22 * 3600 }],
    clockChanges: [{ atS: 12 * 3600, shiftS: 3600 }],
  })
  expect(left.uses[0]?.byNight).toEqual(['shore', 'gas', 'gas'])
  expect(left.forecast).toMatchObject({ fromDay: '2026-12-05' })
  expect(left.forecast?.temperatureK[0]).toBeCloseTo(270.28, 9)
  expect(left.forecast?.windMS).toHaveLength(68)
})

describe('it ends when the whole trip would, whenever it was weighed', () => {
  // Burns at full input all day, so gas is proportional to time.
  const steady = applianceUse({ inputW: 1000, burnPerDayS: 86_400 })
  const plan = tripPlan({ nights: 4, coldestK: 283, uses: [steady] })
  const startMs = tripMoments(plan, '2026-12-05T09:00:00-07:00').startMs
  const at = (hours: number): TripPlan => {
    const weighedAt = new Date(startMs + hours * 3_600_000).toISOString()
    return remainingTrip(plan, [weighed(weighedAt)], '2026-12-08T14:00:00-07:00')
  }

  test('a swap at three in the morning leaves the rest of that night too', () => {
    expect(at(12)).toMatchObject({ startDay: '2026-12-05', nights: 4, lastsS: 84 * 3600, settings: { startH: 3 } })
    expect(nightsLeft(at(12))).toBe(4)
    expect(nightsLeft(at(20))).toBe(3)
    expect(nightsLeft(at(94))).toBe(1)
    expect(nightsLeft(plan)).toBe(4)
  })

  test('property: gas required is what burns from then to the end, in the balance and hour by hour', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 94 }), (hours) => {
        const rig = { cylinders: [cylinderGear()], lines: [], warmth: null, battery: null }
        const { balances, run } = runOutlook(rig, at(hours), baselineScenario)
        const neededKg = burnedGasKg(1000, (96 - hours) * 3600)
        expect(balances[0]?.neededKg).toBeCloseTo(neededKg, 6)
        const [wantedKg] = run.appliances.map((one) => one.wantedKg)
        expect(wantedKg).toBeCloseTo(neededKg, 6)
      }),
      { numRuns: 30 },
    )
  })
})

test('the oldest of the weigh-ins counts: what another cylinder burned since is unknown', () => {
  const late = weighed('2026-12-07T02:00:00Z')
  const early = { ...weighed('2026-12-05T22:00:00Z'), id: 'right' }
  expect(remainingTrip(trip, [late, early], '2026-12-07T09:00:00-07:00').startDay).toBe('2026-12-05')
  // A cylinder that stays at home, and a bottle no appliance uses, do not matter.
  const home = { ...early, aboard: false }
  const bottle = bottleGear()
  expect(remainingTrip(trip, [late, home, bottle], '2026-12-07T09:00:00-07:00').startDay).toBe('2026-12-06')
})

test('a forecast of other days stays one of other days; its last hour is repeated', () => {
  const other = {
    ...trip,
    forecast: {
      origin: 'file' as const,
      name: 'x',
      fromDay: '2026-11-01',
      temperatureK: [280],
      windMS: [],
      spreadK: [],
    },
  }
  const left = remainingTrip(other, [weighed('2026-12-06T02:00:00Z')], '2026-12-06T09:00:00-07:00')
  expect(left.forecast).toMatchObject({ fromDay: '2026-11-01', temperatureK: [280] })
})

test('the verdict of a trip under way counts the remaining nights only', () => {
  const gear = (weighedAt: string) => rigGear([weighed(weighedAt), bottleGear()])
  const plan = tripPlan()
  const whole = judgeTrip(gear('2026-11-30T08:00:00Z'), plan, NOW)
  const later = judgeTrip(gear('2026-12-07T02:00:00Z'), plan, '2026-12-07T09:00:00-07:00')
  const needed = ({ balances }: typeof whole): number => balances[0]?.neededKg ?? 0
  expect(later.trip.nights).toBe(2)
  // Two evenings of eight hours from 18:00, the first starting an hour before the weigh-in.
  expect(needed(later)).toBeCloseTo((needed(whole) / 2) * (15 / 16), 6)
})

test('cylinders not weighed since departure are named, and only under way', () => {
  const here = (nowIso: string) =>
    unmeasuredSinceStart(
      trip,
      [weighed('2026-12-06T02:00:00Z'), { ...weighed('2026-12-01T02:00:00Z'), name: 'Right' }],
      nowIso,
    )
  expect(here('2026-12-06T09:00:00-07:00')).toEqual(['Right'])
  expect(here('2026-12-03T09:00:00-07:00')).toBeNull()
  expect(here('2026-12-20T09:00:00-07:00')).toBeNull()
})
