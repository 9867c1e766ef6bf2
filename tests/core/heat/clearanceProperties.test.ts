import fc from 'fast-check'
import { bareRoom, body, thing } from '@tests/heat'
import { boxPoints, rotate } from '@/core/math/planGeometry'
import { clearanceCheck, requiredClearances } from '@/core/heat/clearance/clearanceCheck'
import type { Pose } from '@/core/heat/heaters/heater'
import { minSeparationM } from '@/core/math/boxDistance'
import { clearanceTo, sweptSolid } from '@/core/heat/clearance/clearanceTo'
import { thingKinds, type Thing } from '@/core/heat/room/thing'
import { leastMargins } from '@/core/heat/clearance/leastMargins'

const meters = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const anyThing: fc.Arbitrary<Thing> = fc
  .record({
    kind: fc.constantFrom(...thingKinds.filter((kind) => kind !== 'gas-outlet')),
    xM: meters(0, 6),
    yM: meters(0, 4),
    lengthM: meters(0.05, 2),
    widthM: meters(0.05, 1),
    turnDeg: fc.integer({ min: 0, max: 359 }),
    lowM: meters(0, 1),
    highM: meters(1.01, 2),
    reachM: meters(0, 0.5),
  })
  .map((change) => thing(change))
const anyPose: fc.Arbitrary<Pose> = fc.record({
  xM: meters(0.5, 5.5),
  yM: meters(0.5, 3.5),
  turnDeg: fc.constantFrom(0, 90, 180, 270),
  bottomM: meters(0, 1),
})

const marginOf = (one: Thing, at: Pose): number =>
  clearanceTo(sweptSolid(one), requiredClearances(one, body()), body(), at).marginM

test('moving an object away from a face never reduces its margin', () => {
  fc.assert(
    fc.property(anyThing, anyPose, meters(0, 3), (one, at, byM) => {
      const { face, marginM } = clearanceTo(sweptSolid(one), requiredClearances(one, body()), body(), at)
      const away = { front: [1, 0], rear: [-1, 0], 'right side': [0, 1], 'left side': [0, -1] } as const
      if (face === 'top' || face === 'underside') return
      const [dx, dy] = away[face]
      const [moved] = rotate([{ xM: dx * byM, yM: dy * byM }], at.turnDeg)
      const further = { ...one, xM: one.xM + (moved?.xM ?? 0), yM: one.yM + (moved?.yM ?? 0) }
      expect(marginOf(further, at)).toBeGreaterThanOrEqual(marginM - 1e-9)
    }),
  )
})

test('raising an overhang never reduces its margin', () => {
  fc.assert(
    fc.property(anyThing, anyPose, meters(0, 2), (one, at, byM) => {
      const above = { ...one, lowM: 2, highM: 3 }
      const higher = { ...above, lowM: 2 + byM, highM: 3 + byM }
      expect(marginOf(higher, at)).toBeGreaterThanOrEqual(marginOf(above, at) - 1e-9)
    }),
  )
})

test('four quarter turns change nothing', () => {
  fc.assert(
    fc.property(anyThing, anyPose, (one, at) => {
      let points = boxPoints(one, one.lengthM, one.widthM, one.turnDeg)
      for (let i = 0; i < 4; i += 1) points = rotate(points, 90)
      boxPoints(one, one.lengthM, one.widthM, one.turnDeg).forEach((corner, i) => {
        expect(points[i]?.xM).toBeCloseTo(corner.xM, 9)
        expect(points[i]?.yM).toBeCloseTo(corner.yM, 9)
      })
      expect(marginOf({ ...one, turnDeg: one.turnDeg - 360 }, at)).toBeCloseTo(marginOf(one, at), 9)
      expect(marginOf(one, { ...at, turnDeg: at.turnDeg - 360 })).toBeCloseTo(marginOf(one, at), 9)
    }),
  )
})

test('rotating object and heater together changes nothing', () => {
  fc.assert(
    fc.property(anyThing, anyPose, fc.integer({ min: 0, max: 359 }), (one, at, turnDeg) => {
      const [moved] = rotate([{ xM: one.xM - at.xM, yM: one.yM - at.yM }], turnDeg)
      const turned = {
        ...one,
        xM: at.xM + (moved?.xM ?? 0),
        yM: at.yM + (moved?.yM ?? 0),
        turnDeg: (one.turnDeg + turnDeg) % 360,
      }
      expect(marginOf(turned, { ...at, turnDeg: (at.turnDeg + turnDeg) % 360 })).toBeCloseTo(marginOf(one, at), 6)
    }),
  )
})

test('a thing that reaches further is never further off', () => {
  fc.assert(
    fc.property(anyThing, anyPose, meters(0, 1), (one, at, moreM) => {
      expect(marginOf({ ...one, reachM: one.reachM + moreM }, at)).toBeLessThanOrEqual(marginOf(one, at) + 1e-9)
    }),
  )
})

test('no point of an object is closer than its margin', () => {
  fc.assert(
    fc.property(anyThing, meters(0, 1), meters(0, 1), (one, along, across) => {
      const box = { x0: 2, x1: 3, y0: 1, y1: 2 }
      const points = boxPoints(one, one.lengthM, one.widthM, one.turnDeg)
      const [a, b, , d] = points
      if (!a || !b || !d) throw new Error('a box has four corners')
      const at = {
        xM: a.xM + along * (b.xM - a.xM) + across * (d.xM - a.xM),
        yM: a.yM + along * (b.yM - a.yM) + across * (d.yM - a.yM),
      }
      const beyond = Math.max(at.xM - box.x1, box.x0 - at.xM, at.yM - box.y1, box.y0 - at.yM)
      expect(minSeparationM(points, box)).toBeLessThanOrEqual(beyond + 1e-9)
    }),
  )
})

test('the search’s quick margins are those of the check', () => {
  const room = bareRoom({ liningsBurn: true })
  fc.assert(
    fc.property(fc.array(anyThing, { minLength: 1, maxLength: 6 }), anyPose, (things, at) => {
      const named = things.map((one, i) => ({ ...one, id: `thing ${i}` }))
      const heater = body()
      const { leastMarginM, lacking } = leastMargins(heater, named, room)(at)
      const check = clearanceCheck({ heater, pose: at, objects: named, room })
      expect(leastMarginM).toBeCloseTo(check.leastMarginM, 6)
      const ofThings = check.violations.filter(({ id }) => id.startsWith('thing'))
      expect(lacking).toBe(ofThings.length)
    }),
    { numRuns: 60 },
  )
})
