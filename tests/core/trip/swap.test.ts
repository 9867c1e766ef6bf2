import { applianceUse, bottleGear, cylinderGear, tripPlan } from '@tests/gear'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { emptyLevel } from '@/core/cylinders/contents/liquidLevel'
import type { CylinderReading } from '@/core/trip/usage/burnSpans'
import { burnedGasKg } from '@/core/appliances/runtime'
import { lastMeasuredMs, remainingTrip } from '@/core/trip/usage/remainingTrip'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import { type Swap, swapMoment, swapReadings } from '@/core/trip/usage/swap'
import { InputError } from '@/core/base/InputError'
import { calibrateUsage } from '@/core/trip/usage/calibrateUsage'

const NOW = '2026-12-06T16:00:00-07:00'
const AT = '2026-12-05T22:00:00Z'
const read = (cylinderId: string, at: string, netKg: number | null, isFill = false): CylinderReading => ({
  cylinderId,
  at,
  netKg,
  isFill,
})
const swap = (change: Partial<Swap> = {}): Swap => ({
  cylinderId: 'left',
  otherId: 'right',
  swappedAt: AT,
  otherShut: true,
  ...change,
})

test('one found empty holds only vapor, at air pressure', () => {
  const gear = cylinderGear({ lastLevel: emptyLevel('2026-12-02T03:00:00Z') })
  // Ideal gas at the boiling point, 101325 Pa and M = 44.096 g/mol: about 4 % below propane's density there.
  const idealKg = (101_325 * (gear.waterCapacityKg / 1000) * 0.044096) / (8.314 * 231.05)
  const netKg = gearContents(gear)?.netKg ?? Infinity
  expect(netKg / idealKg).toBeGreaterThan(1)
  expect(netKg / idealKg).toBeLessThan(1.08)
})

describe('what a swap says about the cylinder that was opened', () => {
  const before = [
    read('right', '2026-12-01T00:00Z', 7),
    read('right', '2026-12-03T20:00Z', 8, true),
    read('right', '2026-12-06T20:00Z', 3),
    read('left', '2026-12-03T20:00Z', 6),
  ]

  test('shut until then, it held its last known contents', () => {
    expect(swapReadings(before, [swap()])).toEqual([read('right', AT, 8)])
    expect(swapReadings(before.toReversed(), [swap()])).toEqual([read('right', AT, 8)])
  })

  test.each([
    ['open too', { otherShut: false }],
    ['not known', { otherShut: null }],
    ['none was opened', { otherId: null }],
    ['never told before', { otherId: 'third' }],
  ])('%s: it says nothing', (_, change) => {
    expect(swapReadings(before, [swap(change)])).toEqual([])
  })

  test('filled and not measured: it says nothing', () => {
    expect(swapReadings([...before, read('right', '2026-12-04T00:00Z', null, true)], [swap()])).toEqual([])
  })
})

test('until when a cylinder’s contents are known', () => {
  const weighed = cylinderGear()
  const weighedMs = Date.parse('2026-11-30T09:42:00.000Z')
  expect(lastMeasuredMs(weighed)).toBe(weighedMs)
  expect(lastMeasuredMs({ ...weighed, shutUntil: AT })).toBe(Date.parse(AT))
  expect(lastMeasuredMs({ ...weighed, shutUntil: '2026-11-01T00:00:00Z' })).toBe(weighedMs)
  expect(lastMeasuredMs({ ...weighed, lastWeighing: null, shutUntil: AT })).toBe(-Infinity)
})

describe('a swap at night calibrates as a weigh-in does', () => {
  const plan = tripPlan({ coldestK: 283, uses: [applianceUse({ burnPerDayS: 8 * 3600 })] })
  const left = cylinderGear()
  const right = cylinderGear({ id: 'right', name: 'Right cylinder' })
  const { run } = runOutlook(
    { cylinders: [left], lines: [], warmth: null, battery: null },
    { ...plan, learned: {} },
    baselineScenario,
  )
  // Burns from 18:00 to 2:00: a day after departure, eight hours at full input.
  const plannedKg = burnedGasKg(plan.uses[0]?.inputW ?? 0, 8 * 3600)
  const told = [read('left', '2026-12-03T20:00Z', 1.25 * plannedKg), read('right', '2026-12-03T20:00Z', 8)]
  const calibration = (swaps: readonly Swap[]) =>
    calibrateUsage('line', [left, right], [...told, read('left', AT, 0), ...swapReadings(told, swaps)], plan, run, NOW)

  test('the other shut until then: a quarter more than planned, all of it from the empty one', () => {
    const { calibration: found } = calibration([swap()])
    expect(found?.factor).toBeCloseTo(1.25, 6)
    expect(found?.parts.map(({ burnedKg }) => burnedKg)).toEqual([expect.closeTo(1.25 * plannedKg, 9), 0])
  })

  test('the other perhaps open: nothing is learned until it is weighed', () => {
    expect(calibration([swap({ otherShut: null })]).why?.text).toMatch(/not weighed with the others/)
  })

  test('the plan of the remaining nights starts at the swap', () => {
    const gone = { ...left, lastLevel: emptyLevel(AT) }
    const from = (cylinders: (typeof left)[]) => remainingTrip(plan, [...cylinders, bottleGear()], NOW).startDay
    expect(from([gone, { ...right, shutUntil: AT }])).toBe('2026-12-05')
    expect(from([gone, right])).toBe(plan.startDay)
  })
})

test('the time of a swap: now unless given, never in the future, never of another year', () => {
  const nowIso = '2026-12-06T23:00:00.000Z'
  const issue = (at: string): string => {
    try {
      return swapMoment(at, nowIso)
    } catch (error) {
      if (error instanceof InputError) return error.issues[0]?.message ?? ''
      throw error
    }
  }
  expect(swapMoment(null, nowIso)).toBe(nowIso)
  expect(issue('2026-12-06T03:10:00-07:00')).toBe('2026-12-06T10:10:00.000Z')
  expect(issue('2026-12-06T23:04:00Z')).toBe('2026-12-06T23:04:00.000Z')
  expect(issue('2026-12-06T23:06:00Z')).toMatch(/still to come/)
  expect(issue('2025-11-06T23:06:00Z')).toMatch(/Check the year/)
})
