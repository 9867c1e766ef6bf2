import fc from 'fast-check'
import { bareRoom, body, door, pose, thing } from '@tests/heat'
import { exitState } from '@/core/heat/clearance/exitState'
import { hoseRun } from '@/core/heat/heaters/hoseRun'
import type { Room } from '@/core/heat/room/room'
import { HALF_WAY_M, shortestWalk, SQUARE_M, walkGrid } from '@/core/heat/clearance/walkGrid'
import type { Thing } from '@/core/heat/room/thing'

const bed = thing({ id: 'bed', kind: 'bed', xM: 1, yM: 0.6, lengthM: 1.9, widthM: 1.2, highM: 0.5 })
const room = (change: Parameters<typeof bareRoom>[0] = {}): Room =>
  bareRoom({ lengthM: 5, widthM: 2, openings: [door({ side: 'front', alongM: 1 })], ...change })

describe('the floor grid', () => {
  test('squares of ten centimeters without the edge of the walls, starting at the bed, ending at the door', () => {
    const grid = walkGrid(room(), [{ ...bed, xM: 0.95 }])
    expect([grid.columns, grid.rows]).toEqual([50, 20])
    expect(grid.hasExit).toBe(true)
    // 1.9 by 1.2 m of bed.
    expect(grid.starts.length).toBe(19 * 12)
    for (const square of grid.exits) expect(grid.middleOf(square).xM).toBeGreaterThan(5 - 0.4 - SQUARE_M)
    expect(grid.middleOf(0)).toEqual({ xM: SQUARE_M / 2, yM: SQUARE_M / 2 })
  })
  test('low objects are climbed over, overhead ones walked under, a curtain is pushed aside', () => {
    const state = (one: Partial<Thing>) =>
      exitState(room(), [bed, thing({ xM: 3, yM: 1, widthM: 2, lengthM: 0.3, ...one })], null).state
    expect(state({ kind: 'cabinet', highM: 1.8 })).toBe('no-way-even-without')
    expect(state({ kind: 'bench', highM: 0.3 })).toBe('clear')
    expect(state({ kind: 'cabinet', lowM: 1.6, highM: 1.9 })).toBe('clear')
    expect(state({ kind: 'curtain', highM: 1.8 })).toBe('clear')
  })
  test('a gap of 40 cm is wide enough to walk through', () => {
    const narrowed = (gapM: number) => {
      const cabinet = thing({ kind: 'cabinet', xM: 3, yM: (2 - gapM) / 2, widthM: 2 - gapM, lengthM: 0.5, highM: 1.8 })
      return exitState(room(), [bed, cabinet], null).state
    }
    expect(narrowed(0.6)).toBe('clear')
    expect(narrowed(0.15)).toBe('no-way-even-without')
  })
  test('a roof hatch does not count as a door', () => {
    expect(exitState(room({ openings: [door({ side: 'roof' })] }), [bed], null).state).toBe('unknown')
  })
})

describe('the exit path', () => {
  test('runs over neighboring cells from bed to door and is never shorter than the straight line', () => {
    const { walk, state } = exitState(room(), [bed], null)
    expect(state).toBe('clear')
    walk.slice(1).forEach((at, i) => {
      const before = walk[i]
      const stepM = Math.abs(at.xM - (before?.xM ?? 0)) + Math.abs(at.yM - (before?.yM ?? 0))
      expect(stepM).toBeCloseTo(SQUARE_M, 9)
    })
    const [first] = walk
    const last = walk.at(-1)
    expect(walk.length * SQUARE_M).toBeGreaterThanOrEqual(Math.abs((last?.xM ?? 0) - (first?.xM ?? 0)) - 1e-9)
  })
  test('goes around blocked cells, or does not exist', () => {
    const grid = walkGrid(room(), [bed])
    const wall = (from: number) => (square: number) => {
      const { xM, yM } = grid.middleOf(square)
      return Math.abs(xM - 3.05) < 0.02 && yM > from
    }
    expect(shortestWalk(grid, wall(0.5))?.length).toBeGreaterThanOrEqual(shortestWalk(grid)?.length ?? Infinity)
    expect(shortestWalk(grid, wall(0))).toBeNull()
  })
  test('a path around a heater keeps half a way of free floor, and a heater beside the path changes nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 4.7, noNaN: true }),
        fc.double({ min: 0.3, max: 1.7, noNaN: true }),
        fc.constantFrom(0, 90, 180, 270),
        (xM, yM, turnDeg) => {
          const of = { depthM: 0.2, widthM: 0.6 }
          const isAlong = turnDeg % 180 === 0
          const halfX = (isAlong ? of.depthM : of.widthM) / 2 + HALF_WAY_M - SQUARE_M / 2
          const halfY = (isAlong ? of.widthM : of.depthM) / 2 + HALF_WAY_M - SQUARE_M / 2
          const isFree = (at: { xM: number; yM: number }) =>
            Math.abs(at.xM - xM) >= halfX - 1e-9 || Math.abs(at.yM - yM) >= halfY - 1e-9
          const without = exitState(room(), [bed], null).walk
          const { state, walk } = exitState(room(), [bed], { body: body(of), pose: pose({ xM, yM, turnDeg }) })
          expect(walk.every(isFree)).toBe(true)
          if (without.every(isFree)) expect([state, walk.length]).toEqual(['clear', without.length])
          if (state !== 'clear') expect(walk).toEqual([])
        },
      ),
    )
    expect(exitState(room({ openings: [] }), [bed], null)).toEqual({ state: 'unknown', walk: [] })
    const cabinet = thing({ kind: 'cabinet', xM: 3, yM: 1, widthM: 2, lengthM: 0.3, highM: 1.8 })
    const none = { state: 'no-way-even-without', walk: [] }
    expect(exitState(room(), [bed, cabinet], null)).toEqual(none)
    expect(exitState(room(), [bed, cabinet], { body: body(), pose: pose() })).toEqual(none)
  })
  test('adding a heater never opens a path', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 4.8, noNaN: true }),
        fc.double({ min: 0.2, max: 1.8, noNaN: true }),
        fc.constantFrom(0, 90),
        (xM, yM, turnDeg) => {
          const at = { body: body({ widthM: 0.9 }), pose: pose({ xM, yM, turnDeg }) }
          const without = exitState(room(), [bed], null).walk.length
          const { state, walk } = exitState(room(), [bed], at)
          expect(['clear', 'blocked']).toContain(state)
          if (state === 'clear') expect(walk.length).toBeGreaterThanOrEqual(without)
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('the hose', () => {
  const hosed = body({ hoseM: 3 })
  const outlet = (change: Partial<Thing>) =>
    thing({ id: 'outlet', kind: 'gas-outlet', lengthM: 0.05, widthM: 0.05, lowM: 0.3, highM: 0.35, ...change })
  test('runs from the nearest of several outlets to the back of the heater, up and down included', () => {
    const run = hoseRun([outlet({ id: 'far', xM: 0, yM: 0 }), outlet({ id: 'near', xM: 1.5, yM: 2 })], hosed, pose())
    expect(run?.outletId).toBe('near')
    expect(run?.wantedM).toBeCloseTo(1.1 * Math.hypot(0.4, 0.3), 9)
  })
  test('when the heater is turned around, its back is elsewhere and the outlet is in front', () => {
    const behind = hoseRun([outlet({ xM: 1.2, yM: 2 })], hosed, pose())
    const before = hoseRun([outlet({ xM: 1.2, yM: 2 })], hosed, pose({ turnDeg: 180 }))
    expect(behind?.crossesFront).toBe(false)
    expect(before?.crossesFront).toBe(true)
    expect(before?.wantedM ?? 0).toBeGreaterThan(behind?.wantedM ?? Infinity)
  })
  test('a longer hose never has a shorter reach', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (xM, yM, hoseM, moreM) => {
          const at = [outlet({ xM, yM })]
          const short = hoseRun(at, body({ hoseM }), pose())
          const long = hoseRun(at, body({ hoseM: hoseM + moreM }), pose())
          expect(Number(long?.reaches)).toBeGreaterThanOrEqual(Number(short?.reaches))
        },
      ),
    )
  })
})
