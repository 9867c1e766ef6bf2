import { applianceUse, bottleGear, cylinderGear, rigGear, tripPlan } from '@tests/gear'
import fc from 'fast-check'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { burnSpans, type CylinderReading, burnedOnTripKg, filledKg, paidPerKg } from '@/core/trip/usage/burnSpans'
import { burnedGasKg } from '@/core/appliances/runtime'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import type { TripPlan } from '@/core/run/tripPlan'
import { calibrateUsage } from '@/core/trip/usage/calibrateUsage'
import { calibrationSlip } from '@/core/trip/usage/calibrationSlip'
import { tripGas } from '@/core/trip/usage/tripGas'
import { tripMoments } from '@/core/trip/usage/tripMoments'

const HOUR_MS = 3_600_000
const NOW = '2026-12-06T16:00:00-07:00'
const read = (at: string, netKg: number | null, isFill = false, cylinderId = 'left'): CylinderReading => ({
  cylinderId,
  at,
  netKg,
  isFill,
})

describe('gas burned between readings', () => {
  test('a fill breaks the sum; what burned before it is known only from a weigh-in just before', () => {
    const spans = burnSpans([
      read('2026-12-01T00:00Z', 8),
      read('2026-12-02T00:00Z', 6),
      read('2026-12-03T00:00Z', 9, true),
      read('2026-12-04T00:00Z', 7.5),
    ])
    expect(spans.map(({ kg, isUnknown }) => [kg, isUnknown])).toEqual([
      [2, false],
      [0, true],
      [1.5, false],
    ])
    const weighedBefore = burnSpans([read('2026-12-01T00:00Z', 8), read('2026-12-01T01:00Z', 9, true)])
    expect(weighedBefore[0]?.isUnknown).toBe(false)
  })

  test('an unmeasured fill hides both sides of it; a gain without a fill is not negative burning', () => {
    const spans = burnSpans([
      read('2026-12-01T00:00Z', 8),
      read('2026-12-02T00:00Z', null, true),
      read('2026-12-03T00:00Z', 7),
    ])
    expect(spans.map(({ isUnknown }) => isUnknown)).toEqual([true, true])
    expect(burnSpans([read('2026-12-01T00:00Z', 5), read('2026-12-02T00:00Z', 6)])[0]?.kg).toBe(0)
  })

  test('in any order, each cylinder by itself', () => {
    const readings = [
      read('2026-12-02T00:00Z', 1, false, 'b'),
      read('2026-12-02T00:00Z', 6),
      read('2026-12-01T00:00Z', 8),
    ]
    expect(burnSpans(readings)).toEqual(burnSpans(readings.toReversed()))
    expect(burnSpans(readings)).toHaveLength(1)
  })

  test('property: the parts of a trip add up to the whole, and all trips to all that burned between them', () => {
    const hours = fc.integer({ min: 0, max: 200 })
    fc.assert(
      fc.property(
        fc.array(fc.tuple(hours, fc.double({ min: 0, max: 9, noNaN: true })), { maxLength: 8 }),
        hours,
        fc.integer({ min: 0, max: 50 }),
        (points, cut, idle) => {
          const spans = burnSpans(points.map(([hour, netKg]) => read(new Date(hour * HOUR_MS).toISOString(), netKg)))
          const stretch = (from: number, to: number) => ({ startMs: from * HOUR_MS, endMs: to * HOUR_MS })
          const one = stretch(-1, 201)
          const halves = [stretch(-1, cut), stretch(cut, 201)]
          const sum = (parts: typeof halves, trips: typeof halves) =>
            parts.reduce((all, part) => all + burnedOnTripKg(spans, part, trips), 0)
          expect(sum(halves, [one])).toBeCloseTo(sum([one], [one]), 9)
          // Between two trips nothing burns: what is not of the one is of the other.
          const trips = [stretch(-1, cut), stretch(cut + idle, 300)]
          const touched = spans.filter(
            ({ fromMs, toMs }) => !(fromMs >= cut * HOUR_MS && toMs <= (cut + idle) * HOUR_MS),
          )
          const whole = touched.filter(({ fromMs, toMs }) => toMs > fromMs).reduce((all, { kg }) => all + kg, 0)
          expect(sum(trips, trips)).toBeCloseTo(whole, 9)
        },
      ),
    )
  })
})

describe('what a trip burned and cost', () => {
  const moments = tripMoments({ startDay: '2026-12-04', nights: 2, settings: null }, NOW)
  const spans = burnSpans([read('2026-12-04T22:00Z', 8), read('2026-12-05T22:00Z', 7), read('2026-12-06T22:00Z', 5)])

  test('instants count, not their texts: an evening written with its offset is after the noon written in UTC', () => {
    const noon = read('2026-12-05T19:00:00Z', 7)
    const evening = read('2026-12-05T18:00:00-07:00', 6)
    const spans = burnSpans([evening, noon])
    expect(spans).toEqual([expect.objectContaining({ kg: 1, isUnknown: false })])
    expect([...filledKg([{ ...evening, netKg: 9, isFill: true }, noon]).values()]).toEqual([2])
  })

  test('by the owner’s calendar day, the days add up to the whole', () => {
    const { burnedKg, days, cost, costPerNight, hasGaps } = tripGas(spans, moments, 2, 3)
    expect(burnedKg).toBeCloseTo(3, 9)
    expect(days.map(({ day }) => day)).toEqual(['2026-12-04', '2026-12-05', '2026-12-06'])
    expect(days[0]?.kg).toBeCloseTo(9 / 24, 9)
    expect(days.reduce((sum, { kg }) => sum + kg, 0)).toBeCloseTo(3, 9)
    expect([cost, costPerNight, hasGaps]).toEqual([expect.closeTo(9, 9), expect.closeTo(4.5, 9), false])
  })

  test('without prices no cost; a gap is reported', () => {
    const gap = burnSpans([read('2026-12-04T22:00Z', 8), read('2026-12-05T22:00Z', 9, true)])
    expect(tripGas(gap, moments, 2, null)).toMatchObject({ burnedKg: 0, cost: null, costPerNight: null, hasGaps: true })
  })

  test('a fill added the contents at that time less the reading before it, cylinder by cylinder', () => {
    const readings = [
      read('2026-12-03T00:00Z', 9, true),
      read('2026-12-01T00:00Z', 8),
      read('2026-12-02T00:00Z', 6),
      read('2026-12-02T12:00Z', 3, false, 'b'),
      read('2026-12-04T00:00Z', null, true),
      read('2026-12-05T00:00Z', 9.5, true),
      read('2026-12-06T00:00Z', 2, true, 'b'),
      read('2026-12-07T00:00Z', 4, true, 'c'),
    ]
    expect([...filledKg(readings)]).toEqual([
      ['left 2026-12-03T00:00Z', 3],
      ['left 2026-12-05T00:00Z', 0.5],
      ['c 2026-12-07T00:00Z', 4],
    ])
  })

  test('the price per kilogram is that of all fills together', () => {
    expect(
      paidPerKg([
        { addedKg: 2, paid: 6 },
        { addedKg: 4, paid: 6 },
      ]),
    ).toBe(2)
    expect(paidPerKg([])).toBeNull()
  })
})

describe('what weigh-ins teach', () => {
  const plan = tripPlan({ coldestK: 283, uses: [applianceUse({ burnPerDayS: 8 * 3600 })] })
  const left = cylinderGear()
  const runOf = (trip: TripPlan) =>
    runOutlook({ cylinders: [left], lines: [], warmth: null, battery: null }, trip, baselineScenario).run
  // Burns from 18:00 to 2:00: a day after departure, eight hours at full input.
  const plannedKg = burnedGasKg(plan.uses[0]?.inputW ?? 0, 8 * 3600)
  const before = read('2026-12-03T20:00:00Z', 6)
  const calibration = (readings: readonly CylinderReading[], cylinders = [left]) =>
    calibrateUsage('line', cylinders, readings, plan, runOf(plan), NOW)

  test('half as much again as planned: the factor is one and a half', () => {
    const { calibration: found } = calibration([before, read('2026-12-05T22:00:00Z', 6 - 1.5 * plannedKg)])
    expect(found?.plannedKg).toBeCloseTo(plannedKg, 6)
    expect(found?.factor).toBeCloseTo(1.5, 6)
    const slip = found && calibrationSlip(found)
    expect(slip?.result.figure.quantity.value).toBeCloseTo(1.5, 6)
    expect(slip?.lines.at(-1)?.figure.quantity.value).toBeCloseTo(plannedKg, 6)
  })

  test.each([
    ['nothing weighed on it', [before], 'Nothing was weighed on this trip yet.'],
    [
      'too early',
      [before, read('2026-12-05T01:00:00Z', 5)],
      'The first weigh-in is too early to tell: six hours at least.',
    ],
    ['not weighed before', [read('2026-12-05T22:00:00Z', 5)], '{name} was not weighed before the trip.'],
    [
      'filled without a weigh-in',
      [before, read('2026-12-05T10:00:00Z', 8, true), read('2026-12-05T22:00:00Z', 7)],
      '{name} was filled without a weigh-in before: what it had burned is not known.',
    ],
    ['too little', [before, read('2026-12-05T22:00:00Z', 6 - 0.01)], 'Too little burned to tell.'],
    [
      'far off',
      [before, read('2026-12-05T22:00:00Z', 6 - 5.5 * plannedKg)],
      '{burned} burned where {planned} was planned: so far off, check the hours and enter them again.',
    ],
  ] as const)('%s: nothing is learned, and the reason is given', (_, readings, why) => {
    expect(calibration(readings)).toMatchObject({ calibration: null, why: { text: why } })
  })

  test('a second cylinder that was not weighed with it hides its use; an empty one does not', () => {
    const right = cylinderGear({ id: 'right', name: 'Right cylinder' })
    const full = read('2026-12-03T20:00:00Z', 8, false, 'right')
    const seen = read('2026-12-05T22:00:00Z', 6 - plannedKg)
    expect(calibration([before, full, seen], [left, right]).why?.text).toMatch(/not weighed with the others/)
    expect(calibration([before, { ...full, netKg: 0 }, seen], [left, right]).calibration?.factor).toBeCloseTo(1, 6)
  })

  test('bottles are a separate supply', () => {
    expect(calibrateUsage('bottles', [left, bottleGear()], [before], plan, runOf(plan), NOW).calibration).toBeNull()
  })

  test('accepted, the factor corrects the plan in the balance and in the hours', () => {
    const gear = rigGear([left])
    const at = (learned: TripPlan['learned']) => judgeTrip(gear, { ...plan, learned }, '2026-12-01T10:00:00-07:00')
    const [usual, more] = [at({}), at({ line: 1.5 })]
    expect(more.balances[0]?.neededKg).toBeCloseTo(1.5 * (usual.balances[0]?.neededKg ?? 0), 6)
    expect(more.run.usedKg).toBeCloseTo(1.5 * usual.run.usedKg, 3)
    expect(at({ bottles: 3 }).balances[0]?.neededKg).toBeCloseTo(usual.balances[0]?.neededKg ?? 0, 9)
  })

  test('a fridge and a furnace with habits burn by the factor, and never above their input', () => {
    const fridge = applianceUse({ id: 'f', kind: 'fridge', inputW: 400, burnPerDayS: 0, habit: { way: 'around' } })
    const run = (learned: TripPlan['learned']) => runOf({ ...plan, uses: [fridge], learned })
    expect(run({ line: 1.4 }).usedKg).toBeCloseTo(1.4 * run({}).usedKg, 2)
    const most = burnedGasKg(400, plan.nights * 86_400)
    expect(run({ line: 5 }).usedKg).toBeLessThanOrEqual(most * 1.001)
  })
})
