import fc from 'fast-check'
import { bisect, findMinimum, findRoot, findRootNear } from '@/core/math/findRoot'
import { interpolateColumn, interpolateRows, lagrangeCubic, lerp } from '@/core/math/interpolation'
import { quantile, sampleNormal, tQuantile95 } from '@/core/math/statistics'

/** A falling cubic with a root. */
const cubic =
  (root: number, slope: number) =>
  (x: number): number =>
    -slope * (x - root) - 0.001 * (x - root) ** 3

const number = fc.double({ min: -100, max: 100, noNaN: true })

describe('bisect', () => {
  test('keeps the change inside the bracket and halves it each time', () => {
    fc.assert(
      fc.property(number, (at) => {
        const { low, high, middle } = bisect((x) => x >= at, -101, 101, { halvings: 30 })
        expect(low).toBeLessThanOrEqual(at)
        expect(high).toBeGreaterThanOrEqual(at)
        expect(high - low).toBeCloseTo(202 / 2 ** 30, 12)
        expect(Math.abs(middle - at)).toBeLessThanOrEqual(high - low)
      }),
    )
  })
  test('ends at a width', () => {
    const { low, high } = bisect((x) => x > Math.SQRT2, 1, 2, { width: 1e-6 })
    expect(high - low).toBeLessThanOrEqual(1e-6)
    expect(high - low).toBeGreaterThan(1e-7)
  })
})

describe('findRoot', () => {
  const search = { firstStep: -0.05, reach: 300, tolerance: 1e-9 }
  test('finds the root of falling cubics', () => {
    fc.assert(
      fc.property(number, fc.double({ min: 0.01, max: 10, noNaN: true }), (root, slope) => {
        expect(findRoot(cubic(root, slope), 0, search)).toBeCloseTo(root, 6)
      }),
    )
  })
  test('falls back to bisection where the secant leaves the bracket', () => {
    // Flat at the start: the first secant step points far outside.
    const f = (x: number): number => (x < 2 ? 1 - x * 1e-9 : 1 - (x - 2))
    expect(findRoot(f, 0, { firstStep: -0.05, reach: 10, tolerance: 1e-9 })).toBeCloseTo(3, 6)
  })
})

describe('findRootNear', () => {
  const search = { firstStep: -0.05, reach: 300, tolerance: 1e-9 }
  const slope = fc.double({ min: 0.01, max: 10, noNaN: true })

  test('property: the same root as from nothing, whatever it is told to begin with', () => {
    const told = fc.oneof(fc.constant(NaN), fc.double({ min: -1e6, max: 1e3, noNaN: true }))
    fc.assert(
      fc.property(number, slope, number, told, (root, steep, at, guessed) => {
        const guess = { at, slope: guessed }
        expect(findRootNear(cubic(root, steep), at, search, guess)).toBeCloseTo(root, 6)
        expect(guess.slope).toBeLessThan(0)
      }),
    )
  })

  test('told well, it asks a few times only', () => {
    const f = cubic(20, 3)
    const guess = { at: 0, slope: NaN }
    findRootNear(f, 0, search, guess)
    let asked = 0
    const moved = (x: number): number => {
      asked += 1
      return f(x - 0.01)
    }
    guess.at = 20
    expect(findRootNear(moved, 20, search, guess)).toBeCloseTo(20.01, 9)
    expect(asked).toBeLessThanOrEqual(3)
  })
})

test('findMinimum finds the bottom of a parabola', () => {
  fc.assert(
    fc.property(number, (at) => {
      expect(findMinimum((x) => (x - at) ** 2, -150, 150, 1e-6)).toBeCloseTo(at, 4)
    }),
  )
})

describe('interpolation', () => {
  test('lerp meets both ends', () => {
    expect([lerp(2, 6, 0), lerp(2, 6, 0.25), lerp(2, 6, 1)]).toEqual([2, 3, 6])
  })
  test('a cubic through four nodes reproduces cubics exactly', () => {
    const cubic = (x: number): number => 2 - x + 0.5 * x ** 2 - 0.1 * x ** 3
    const column = Float64Array.from({ length: 8 }, (_, i) => cubic(i))
    for (const place of [0, 0.3, 3.5, 6.9, 7]) expect(lagrangeCubic(column, place)).toBeCloseTo(cubic(place), 10)
  })
  test('columns and rows are linear inside and constant beyond their ends', () => {
    expect([-1, 0, 0.5, 2, 9].map((place) => interpolateColumn([10, 20, 40], place))).toEqual([10, 10, 15, 40, 40])
    const rows = [
      [0.1, 45],
      [0.2, 60],
      [0.6, 100],
    ] as const
    expect([0, 0.1, 0.15, 0.4, 0.9].map((x) => interpolateRows(rows, x))).toEqual([45, 45, 52.5, 80, 100])
    expect(() => interpolateRows([], 1)).toThrow(RangeError)
  })
})

describe('statistics', () => {
  test('quantile: the value below which a share lies', () => {
    const sorted = Array.from({ length: 100 }, (_, i) => i)
    expect([0, 0.1, 0.5, 1].map((share) => quantile(sorted, share))).toEqual([0, 10, 50, 99])
    expect(quantile([], 0.5)).toBeNaN()
  })
  test('tQuantile95 falls toward 1.96', () => {
    expect(tQuantile95(1)).toBe(12.706)
    expect(tQuantile95(10)).toBe(2.228)
    for (let spare = 1; spare < 200; spare += 1) expect(tQuantile95(spare + 1)).toBeLessThan(tQuantile95(spare))
    expect(tQuantile95(1e6)).toBeCloseTo(1.96, 3)
  })
  test('sampleNormal has mean 0 and deviation 1', () => {
    // Pairs of Hammersley points fill the unit square evenly.
    const reversed = (i: number): number =>
      Number.parseInt(i.toString(2).padStart(14, '0').split('').reverse().join(''), 2) / 2 ** 14
    const points = Array.from({ length: 2 ** 14 }, (_, i) => [(i + 0.5) / 2 ** 14, reversed(i)]).flat()
    let next = 0
    const random = (): number => points[next++] ?? 0
    const drawn = Array.from({ length: 2 ** 14 }, () => sampleNormal(random))
    const mean = drawn.reduce((sum, x) => sum + x, 0) / drawn.length
    const variance = drawn.reduce((sum, x) => sum + (x - mean) ** 2, 0) / drawn.length
    expect(mean).toBeCloseTo(0, 2)
    expect(variance).toBeCloseTo(1, 2)
  })
})
