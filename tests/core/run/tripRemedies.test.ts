import { coldTrip, lineSource, steadyBurner, steadyWeather, tripRun, twentyPound } from '@tests/run'
import { compareChangeovers } from '@/core/run/analysis/compareChangeovers'
import { runTrip } from '@/core/run/simulation/runTrip'
import type { TripRunInput } from '@/core/run/simulation/tripRun'
import { tripRemedies, type TripRemedy } from '@/core/run/analysis/tripRemedies'
import { monteCarlo } from '@/core/run/analysis/monteCarlo'

/** The plan with a remedy applied. */
function applied(input: TripRunInput, { edit }: TripRemedy): TripRunInput {
  switch (edit.do) {
    case 'changeover':
      return { ...input, sources: input.sources.map((one) => ({ ...one, changeover: edit.changeover })) }
    case 'get-up':
      return { ...input, getUp: true }
    case 'fill':
      return {
        ...input,
        cylinders: input.cylinders.map((one) =>
          one.id === edit.cylinderId ? { ...one, massKg: one.limitKg ?? 0 } : one,
        ),
      }
    case 'habit':
      return {
        ...input,
        appliances: input.appliances.map((one) => (one.id === edit.applianceId ? { ...one, habit: edit.habit } : one)),
      }
    default:
      throw new Error(edit.do)
  }
}

describe('what would fix it', () => {
  test('a trip stopped by cold: applying the first remedy removes the outage', () => {
    expect(runTrip(coldTrip).outages[0]?.cause).toBe('cold')
    expect(runTrip(coldTrip).strandedKg).toBeGreaterThan(2)
    const [best] = tripRemedies(coldTrip, ['left', 'right'])
    if (!best) throw new Error('no remedy')
    expect(best.firstOutageS).toBeNull()
    expect(runTrip(applied(coldTrip, best)).outages).toEqual([])
  })

  test('every remedy that promises no outage has none; the others reduce the shortage', () => {
    const remedies = tripRemedies(coldTrip, ['left', 'right'])
    expect(remedies.length).toBeGreaterThan(3)
    for (const remedy of remedies) {
      expect(remedy.savesKg).toBeGreaterThan(0)
      if (remedy.edit.do === 'another-cylinder') continue
      const after = runTrip({ ...applied(coldTrip, remedy), stepS: 600 })
      expect(after.outages[0]?.fromS ?? null).toBe(remedy.firstOutageS)
    }
  })

  test('only what may be filled is offered for filling', () => {
    const fills = (may: string[]) =>
      tripRemedies(coldTrip, may).flatMap(({ edit }) => (edit.do === 'fill' ? [edit.cylinderId] : []))
    expect(fills([])).toEqual([])
    expect(fills(['right'])).toEqual(['right'])
  })

  test('a blower that drains the battery: less use is offered', () => {
    const furnace = {
      ...steadyBurner(20_000),
      kind: 'furnace',
      currentA: 7,
      needsBattery: true,
      habit: { way: 'warmth', awakeK: 291, asleepK: 289 },
    }
    const input = tripRun({
      forecast: steadyWeather(2, 268),
      rig: { lossWPerK: 60, capacityJPerK: 300_000 },
      battery: { capacityC: 60 * 3600, usableShare: 0.5 },
      appliances: [furnace],
    })
    expect(runTrip(input).outages[0]?.cause).toBe('battery')
    const words = tripRemedies(input, []).map((remedy) => remedy.words)
    expect(words.some((one) => one.includes('off while you sleep') || one.includes('cooler'))).toBe(true)
  })

  test('no remedy where nothing is wrong', () => {
    expect(tripRemedies(tripRun(), ['left'])).toEqual([])
  })
})

describe('the changeover methods side by side', () => {
  test('each as the simulation gives it alone: outage, gas left cold, who gets up', () => {
    const outcomes = compareChangeovers({ ...coldTrip, wakeH: 7, sleepH: 22 }, 'line')
    expect(outcomes.map(({ changeover }) => changeover)).toEqual(['one-side', 'automatic', 'both'])
    for (const { changeover, firstOutageS, strandedKg, missingKg } of outcomes) {
      const run = runTrip({
        ...coldTrip,
        wakeH: 7,
        sleepH: 22,
        stepS: 600,
        sources: lineSource(changeover).map((one) => ({ ...coldTrip.sources[0], ...one })) as TripRunInput['sources'],
      })
      expect(firstOutageS).toBe(run.outages[0]?.fromS ?? null)
      expect(strandedKg).toBeCloseTo(run.strandedKg, 9)
      expect(missingKg > 0).toBe(firstOutageS !== null)
    }
    const [side, automatic, both] = outcomes
    expect(side?.getUpAtS).not.toBeNull()
    expect(automatic?.getUpAtS).toBeNull()
    // Twice the wetted wall: both open lasts longer than one side.
    expect(both?.firstOutageS ?? Infinity).toBeGreaterThan(side?.firstOutageS ?? 0)
  })
})

describe('spread', () => {
  /** The same random numbers each time. */
  function steady() {
    let seed = 11
    return () => {
      seed = (seed * 16_807) % 2_147_483_647
      return seed / 2_147_483_647
    }
  }
  const uncertain = tripRun({
    nights: 3,
    forecast: steadyWeather(3, 268),
    rig: { lossWPerK: 40, capacityJPerK: 300_000 },
    cylinders: [twentyPound('left', 9)],
    appliances: [
      { ...steadyBurner(12_000), kind: 'furnace', habit: { way: 'warmth', awakeK: 290, asleepK: 287 } },
      { ...steadyBurner(1400), id: 'light', habit: { way: 'hours', burnPerDayS: 4 * 3600, fromH: 18 } },
    ],
  })

  test('the median is near the plan, low is below high, and the coarse plan is near the fine one', () => {
    const told: number[] = []
    const spread = monteCarlo(uncertain, 60, steady(), (share) => told.push(share))
    const { p10, p50, p90 } = spread.usedKg
    expect(p10).toBeLessThan(p50)
    expect(p50).toBeLessThan(p90)
    expect(Math.abs(p50 / spread.fine.usedKg - 1)).toBeLessThan(0.1)
    expect(Math.abs(spread.coarse.usedKg / spread.fine.usedKg - 1)).toBeLessThan(0.01)
    expect(told).toHaveLength(60)
    expect(told.at(-1)).toBe(1)
  })

  test('the same random numbers give the same runs', () => {
    expect(monteCarlo(uncertain, 20, steady())).toEqual(monteCarlo(uncertain, 20, steady()))
  })

  test('with plenty aboard none fails, with almost nothing all do', () => {
    const plenty = {
      ...uncertain,
      cylinders: [...tripRun({ cylinders: [twentyPound('a', 20), twentyPound('b', 20)] }).cylinders],
    }
    expect(monteCarlo({ ...plenty, changeover: 'automatic' }, 20, steady())).toMatchObject({
      withoutShare: 1,
      firstOutageS: { p10: null, p50: null, p90: null },
    })
    const little = { ...uncertain, cylinders: tripRun({ cylinders: [twentyPound('a', 1)] }).cylinders }
    const failed = monteCarlo(little, 20, steady())
    expect(failed.withoutShare).toBe(0)
    expect(failed.firstOutageS.p10).toBeLessThanOrEqual(failed.firstOutageS.p90 ?? 0)
  })
})
