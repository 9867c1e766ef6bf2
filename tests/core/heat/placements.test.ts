import { bareRoom, body, door, thing } from '@tests/heat'
import type { ExitState } from '@/core/heat/clearance/exitState'
import type { Room } from '@/core/heat/room/room'
import type { Thing } from '@/core/heat/room/thing'
import { clearanceCheck } from '@/core/heat/clearance/clearanceCheck'
import { penetrationM } from '@/core/heat/room/roomGeometry'
import { boxPoints } from '@/core/math/planGeometry'
import { placements, gridPoses } from '@/core/heat/clearance/placements'

const bed = thing({ id: 'bed', name: 'Bed', kind: 'bed', xM: 1, yM: 0.6, lengthM: 1.9, widthM: 1.2, highM: 0.5 })
const lined = bareRoom({ liningsBurn: true, widthM: 2.2, openings: [door()] })
const asked = { heater: body(), objects: [bed], room: lined, gridM: 0.15 }

describe('places for a heater', () => {
  const found = placements(asked)

  test('every proposed place passes the distance check', () => {
    expect(found.poses.length).toBeGreaterThan(2)
    for (const { pose, leastMarginM } of found.poses) {
      const check = clearanceCheck({ heater: asked.heater, pose, objects: asked.objects, room: lined })
      expect(check.violations).toEqual([])
      expect(leastMarginM).toBeCloseTo(check.leastMarginM, 6)
    }
    expect(found.nearest).toBeNull()
  })

  test('places that keep the exit path come first, then those with the most margin', () => {
    const order = found.poses.map(({ exit, leastMarginM }) => [Number(exit === 'clear'), leastMarginM] as const)
    const sorted = order.toSorted((a, b) => b[0] - a[0] || b[1] - a[1])
    expect(order).toEqual(sorted)
  })

  test.each<[string, Room, Thing[], ExitState['state']]>([
    ['with a door and a bed', lined, [bed], 'clear'],
    ['without a door', { ...lined, openings: [] }, [bed], 'unknown'],
    ['without a bed', lined, [], 'unknown'],
    [
      'behind a cabinet that fills the gangway',
      lined,
      [bed, thing({ id: 'cabinet', xM: 3, yM: 1.1, lengthM: 0.5, widthM: 2.1, highM: 1.5 })],
      'no-way-even-without',
    ],
  ])('%s it says of the exit what the distance check says', (_, room, objects, expected) => {
    const { poses } = placements({ ...asked, room, objects })
    expect(poses.length).toBeGreaterThan(0)
    expect(poses[0]?.exit).toBe(expected)
    for (const { pose, exit } of poses) {
      expect(exit).toBe(clearanceCheck({ heater: asked.heater, pose, objects, room }).exit.state)
    }
  })

  test('no two places are the same', () => {
    found.poses.forEach(({ pose }, i) => {
      for (const { pose: other } of found.poses.slice(i + 1)) {
        const isApart = Math.hypot(pose.xM - other.xM, pose.yM - other.yM) >= 0.3 || pose.turnDeg !== other.turnDeg
        expect(isApart).toBe(true)
      }
    })
  })

  test('with a hose, places within its reach come first', () => {
    const outlet = thing({ id: 'outlet', kind: 'gas-outlet', xM: 5.9, yM: 0.1, lowM: 0.1, highM: 0.2 })
    const heater = body({ hoseM: 1 })
    const { poses } = placements({ ...asked, heater, objects: [bed, outlet] })
    expect(poses[0]?.hoseReaches).toBe(true)
    expect(poses[0]?.pose.xM).toBeGreaterThan(4.5)
  })

  test('it reports its progress', () => {
    const told: number[] = []
    placements(asked, (share) => told.push(share))
    expect(told.length).toBeGreaterThan(20)
    expect(told).toEqual(told.toSorted((a, b) => a - b))
    expect(told.every((share) => share >= 0 && share <= 1)).toBe(true)
  })
})

describe('no place at all', () => {
  test('names what would have to move, and by how much', () => {
    const things = [0.5, 1.5, 2.5, 3.5, 4.5, 5.5].map((xM, i) =>
      thing({ id: `box ${i}`, name: `Box ${i}`, xM, yM: 1.1 }),
    )
    const { poses, nearest } = placements({ ...asked, objects: things })
    expect(poses).toEqual([])
    expect(nearest?.inTheWay.length).toBeGreaterThan(0)
    const named = things.find(({ id }) => id === nearest?.inTheWay[0]?.id)
    expect(named).toBeDefined()
    expect(nearest?.inTheWay[0]?.lacksM).toBeGreaterThan(0)
    // Without them it would fit there.
    const gone = things.filter(({ id }) => !nearest?.inTheWay.some((one) => one.id === id))
    if (!nearest) throw new Error('no nearest place')
    const check = clearanceCheck({ heater: asked.heater, pose: nearest.pose, objects: gone, room: lined })
    expect(check.violations).toEqual([])
  })

  test('where walls and ceiling alone are too near, no move helps', () => {
    const narrow = bareRoom({ liningsBurn: true, widthM: 0.8 })
    expect(placements({ ...asked, objects: [], room: narrow })).toMatchObject({ poses: [], nearest: null })
  })
})

describe('the poses tried', () => {
  test('lie in the room, in four orientations, up to the last wall', () => {
    const poses = gridPoses(body(), lined, 0.25)
    for (const { xM, yM, turnDeg } of poses) {
      expect(penetrationM(lined, boxPoints({ xM, yM }, 0.2, 0.4, turnDeg))).toBeGreaterThanOrEqual(-1e-9)
    }
    expect(new Set(poses.map(({ turnDeg }) => turnDeg))).toEqual(new Set([0, 90, 180, 270]))
    expect(Math.max(...poses.map(({ xM }) => xM))).toBeCloseTo(5.9, 9)
  })
  test('a hanging heater has its back on a wall', () => {
    const hung = gridPoses(body({ mount: 'wall' }), lined, 0.1)
    expect(hung.length).toBeGreaterThan(0)
    for (const { xM, yM, turnDeg, bottomM } of hung) {
      expect(bottomM).toBeGreaterThan(0)
      const behindM = { 0: xM, 90: yM, 180: 6 - xM, 270: 2.2 - yM }[turnDeg] ?? 9
      expect(behindM).toBeLessThan(0.1 + 0.1 + 1e-9)
    }
  })
  test('a walled-off corner is not a place', () => {
    const corner = { lengthM: 2, widthM: 1 }
    const room = bareRoom({ corner })
    const inCorner = gridPoses(body(), room, 0.2).filter(({ xM, yM }) => xM < 1.9 && yM > 3.1)
    expect(inCorner).toEqual([])
  })
  test('a grid that is too fine for the room is refused', () => {
    const hall = bareRoom({ lengthM: 20, widthM: 12, heightM: 5 })
    expect(() => placements({ ...asked, room: hall, objects: [], gridM: 0.01 })).toThrow(/too fine/)
  })
})
