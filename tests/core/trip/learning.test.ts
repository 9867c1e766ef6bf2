import { applianceUse, cylinderGear, rigGear, tripPlan } from '@tests/gear'
import fc from 'fast-check'
import { burnedGasKg } from '@/core/appliances/runtime'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { TAUGHT } from '@/core/run/learnedUse'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook, type RunOutlook } from '@/core/run/simulation/runOutlook'
import type { ApplianceUse, TripPlan } from '@/core/run/tripPlan'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { burnSpans, type CylinderReading } from '@/core/trip/usage/burnSpans'
import { calibrateUsage, taughtUses, type UsageCalibration } from '@/core/trip/usage/calibrateUsage'
import { tripGas } from '@/core/trip/usage/tripGas'
import { tripMoments } from '@/core/trip/usage/tripMoments'

const HOUR_MS = 3_600_000
/** On the day of coming home of the trips below, in the evening. */
const HOME = '2026-12-08T20:00:00-07:00'
const LATER = '2026-12-08T21:00:00-07:00'

interface Known {
  plan: TripPlan
  cylinders: readonly CylinderGear[]
  readings: CylinderReading[]
  /** True use of each group against its hours, by the identifier of its cylinder. */
  truth: Readonly<Record<string, number>>
}

/** A trip whose true use is known: some appliances on the line, and maybe one on a cylinder of its own. */
const knownTrip = fc
  .record({
    hours: fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 3 }),
    ownHours: fc.option(fc.integer({ min: 1, max: 6 })),
    lineTruth: fc.double({ min: 0.3, max: 4, noNaN: true }),
    ownTruth: fc.double({ min: 0.3, max: 4, noNaN: true }),
    errors: fc.array(fc.double({ min: -0.1, max: 0.1, noNaN: true }), { minLength: 4, maxLength: 4 }),
    daysBefore: fc.integer({ min: 0, max: 20 }),
  })
  .map(({ hours, ownHours, lineTruth, ownTruth, errors, daysBefore }): Known => {
    const use = (id: string, hoursADay: number, cylinderId: string | null): ApplianceUse =>
      applianceUse({ id, name: `Appliance ${id}`, inputW: 4000, burnPerDayS: hoursADay * 3600, cylinderId })
    const uses = [
      ...hours.map((one, i) => use(`line-${i}`, one, null)),
      ...(ownHours === null ? [] : [use('own', ownHours, 'right')]),
    ]
    const plan = tripPlan({ startDay: '2026-12-04', nights: 4, coldestK: 290, uses, reserveShare: 0 })
    const cylinders = [cylinderGear({ id: 'left' }), ...(ownHours === null ? [] : [cylinderGear({ id: 'right' })])]
    // Four evenings of hours: all burn in the evening, before the weigh-in on the fifth.
    const burnedKg = (sum: number, truth: number) => burnedGasKg(4000, sum * 3600 * 4) * truth
    const before = new Date(tripMoments(plan, HOME).startMs - daysBefore * 24 * HOUR_MS).toISOString()
    const readings = cylinders.flatMap(({ id }, i): CylinderReading[] => {
      const sum = id === 'left' ? hours.reduce((all, one) => all + one, 0) : (ownHours ?? 0)
      const netKg = 200 - burnedKg(sum, id === 'left' ? lineTruth : ownTruth)
      return [
        { cylinderId: id, at: before, netKg: 200 + (errors[2 * i] ?? 0), isFill: false },
        { cylinderId: id, at: new Date(HOME).toISOString(), netKg: netKg + (errors[2 * i + 1] ?? 0), isFill: false },
      ]
    })
    return { plan, cylinders, readings, truth: { left: lineTruth, right: ownTruth } }
  })

const outlook = ({ cylinders }: Known, plan: TripPlan) =>
  runOutlook({ cylinders, lines: [], warmth: null, battery: null }, plan, baselineScenario)

/** Calibration as the program makes it: against the habits as entered. */
function calibrated(known: Known, { run } = outlook(known, known.plan)): UsageCalibration {
  const { calibration, why } = calibrateUsage('line', known.cylinders, known.readings, known.plan, run, LATER)
  if (!calibration) throw new Error(why.text)
  return calibration
}

const gasOf = ({ balances }: Pick<RunOutlook, 'balances'>) =>
  new Map(balances.flatMap(({ uses }) => uses.map(({ use, gasKg }) => [use.id, gasKg])))

test('100 trips of known use: within the stated range, by appliance where it has its own cylinder, applied once', () => {
  fc.assert(
    fc.property(knownTrip, (known) => {
      const { plan, truth, cylinders } = known
      const entered = outlook(known, plan)
      const calibration = calibrated(known, entered)
      expect(calibration.groups).toHaveLength(cylinders.length)
      for (const { uses, factor, range, taught } of calibration.groups) {
        const isTrue = uses.some(({ id }) => id === 'own') ? truth.right : truth.left
        expect(isTrue).toBeGreaterThanOrEqual(range.least - 1e-9)
        expect(isTrue).toBeLessThanOrEqual(range.most + 1e-9)
        expect(taught).toBe(Math.min(TAUGHT.most, Math.max(TAUGHT.least, factor)))
      }
      const learned = { uses: taughtUses(calibration, plan) }
      const onLine = plan.uses.filter(({ cylinderId }) => !cylinderId)
      expect(learned.uses.map(({ applianceId, isShared }) => [applianceId, isShared]).toSorted()).toEqual(
        plan.uses.map(({ id, cylinderId }) => [id, !cylinderId && onLine.length > 1]).toSorted(),
      )
      // Applied once, to the gas of the plan and to its run.
      const corrected = outlook(known, { ...plan, learned })
      const [before, after] = [gasOf(entered), gasOf(corrected)]
      for (const { applianceId, factor } of learned.uses) {
        const atMost = burnedGasKg(4000, 86_400 * plan.nights)
        expect(after.get(applianceId)).toBeCloseTo(Math.min(atMost, (before.get(applianceId) ?? NaN) * factor), 9)
        const wanted = (one: RunOutlook) => one.run.appliances.find(({ id }) => id === applianceId)?.wantedKg ?? NaN
        expect(wanted(corrected)).toBeCloseTo(Math.min(atMost, wanted(entered) * factor), 2)
      }
      // One trip has one figure of gas burned.
      const { burnedKg } = tripGas(burnSpans(known.readings), tripMoments(plan, LATER), plan.nights, null)
      expect(burnedKg).toBeCloseTo(calibration.burnedKg, 9)
    }),
    { numRuns: 100 },
  )
})

test('hours entered anew count as entered, whatever was learned of the old ones', () => {
  fc.assert(
    fc.property(knownTrip, fc.integer({ min: 7, max: 12 }), (known, hours) => {
      const learned = { uses: taughtUses(calibrated(known), known.plan) }
      const uses = known.plan.uses.map((use) => ({ ...use, burnPerDayS: hours * 3600 }))
      const [usual, after] = [outlook(known, { ...known.plan, uses }), outlook(known, { ...known.plan, uses, learned })]
      expect(after.balances.map(({ neededKg }) => neededKg)).toEqual(usual.balances.map(({ neededKg }) => neededKg))
      expect(after.run.usedKg).toBe(usual.run.usedKg)
      expect(after.trip.uses.every(({ taught }) => taught === null)).toBe(true)
    }),
    { numRuns: 15 },
  )
})

test('a trip is over when it was weighed at home, or its last day is past: then it is never short', () => {
  fc.assert(
    fc.property(knownTrip, fc.double({ min: 0, max: 0.5, noNaN: true }), (known, leftKg) => {
      const empty = known.cylinders.map((cylinder) => ({
        ...cylinder,
        lastWeighing: { grossKg: (cylinder.tareKg ?? 0) + leftKg, hangingKg: 0, weighedAt: HOME },
      }))
      const at = (nowIso: string) => judgeTrip(rigGear(empty), known.plan, nowIso)
      for (const nowIso of [LATER, '2026-12-30T12:00:00-07:00']) {
        const { isOver, enough, balances, findings } = at(nowIso)
        expect(isOver).toBe(true)
        expect(enough).toBe('enough')
        expect(balances.every(({ neededKg }) => neededKg === 0)).toBe(true)
        expect(findings.filter(({ station }) => station === 'run')).toEqual([])
      }
      // The evening before, with the cylinders as empty, it is not over.
      const yesterday = empty.map((cylinder) => ({
        ...cylinder,
        lastWeighing: { ...cylinder.lastWeighing, weighedAt: '2026-12-07T20:00:00-07:00' },
      }))
      expect(judgeTrip(rigGear(yesterday), known.plan, '2026-12-07T21:00:00-07:00').isOver).toBe(false)
    }),
    { numRuns: 15 },
  )
})

test('a weigh-in at home some days later closes the trip, unless another trip began between', () => {
  fc.assert(
    fc.property(knownTrip, fc.integer({ min: 1, max: 60 }), (known, hoursLater) => {
      const { endMs } = tripMoments(known.plan, LATER)
      const late = new Date(endMs + hoursLater * HOUR_MS).toISOString()
      const readings = known.readings.map((one, i) => (i % 2 === 1 ? { ...one, at: late } : one))
      const { run } = outlook(known, known.plan)
      const of = (others: { startMs: number; endMs: number }[]) =>
        calibrateUsage('line', known.cylinders, readings, known.plan, run, LATER, others)

      expect(of([]).calibration?.burnedKg).toBeCloseTo(calibrated(known).burnedKg, 9)
      const next = { startMs: endMs + HOUR_MS / 2, endMs: endMs + 100 * HOUR_MS }
      expect(of([next]).calibration).toBeNull()
      const previous = { startMs: Date.parse('2026-11-01T00:00Z'), endMs: tripMoments(known.plan, LATER).startMs - 1 }
      expect(of([previous]).calibration === null).toBe(Date.parse(readings[0]?.at ?? '') < previous.endMs)
    }),
    { numRuns: 15 },
  )
})
