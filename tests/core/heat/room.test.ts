import fc from 'fast-check'
import { bareRoom, door, thing, window } from '@tests/heat'
import { InputError } from '@/core/base/InputError'
import { boxPoints } from '@/core/math/planGeometry'
import { ceilingM, penetrationM, roomOutline, roomVolumeM3 } from '@/core/heat/room/roomGeometry'
import { newThing, thingFacts, thingKinds } from '@/core/heat/room/thing'
import { requireRoom } from '@/core/heat/room/requireRoom'
import { exitState } from '@/core/heat/clearance/exitState'
import { readyRooms } from '@/core/heat/room/readyRooms'
import { roomSchema } from '@/core/heat/room/room'
import { roomPlanSchema } from '@/core/heat/room/roomPlan'
import { snapToRoom } from '@/core/heat/room/snapToRoom'

describe('ready-made rooms', () => {
  test('are the five shapes, each a possible room with bed and door', () => {
    expect(readyRooms.map(({ shape }) => shape)).toEqual(['van', 'trailer', 'truck-cap', 'motorhome', 'tent-annex'])
    for (const { shelter } of readyRooms) {
      expect(roomPlanSchema.safeParse(shelter).success).toBe(true)
      expect(() => requireRoom(shelter.room)).not.toThrow()
      expect(exitState(shelter.room, shelter.things, null).state).toBe('clear')
    }
  })
  test('nothing in them passes through a wall', () => {
    for (const { shelter } of readyRooms) {
      for (const { lengthM, widthM, turnDeg, ...at } of shelter.things) {
        expect(penetrationM(shelter.room, boxPoints(at, lengthM, widthM, turnDeg))).toBeGreaterThanOrEqual(-1e-9)
      }
    }
  })
})

describe('shape', () => {
  test('a plain room has four corners, one with a walled-off corner six', () => {
    expect(roomOutline(bareRoom())).toHaveLength(4)
    expect(roomOutline(bareRoom({ corner: { lengthM: 1, widthM: 1 } }))).toHaveLength(6)
  })
  test('volume, worked by hand: 6 × 4 × 2, less a corner of 1 × 1, and under a slope to 1', () => {
    expect(roomVolumeM3(bareRoom())).toBe(48)
    expect(roomVolumeM3(bareRoom({ corner: { lengthM: 1, widthM: 1 } }))).toBe(46)
    expect(roomVolumeM3(bareRoom({ lowHeightM: 1 }))).toBe(36)
  })
  test('the ceiling slopes straight from left to right, and not beyond', () => {
    const room = bareRoom({ lowHeightM: 1 })
    expect([-1, 0, 2, 4, 9].map((yM) => ceilingM(room, yM))).toEqual([2, 2, 1.5, 1, 1])
  })
  test('the volume equals that of thin slices', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 8, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        fc.double({ min: 1, max: 2, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (lengthM, widthM, heightM, lowHeightM) => {
          const room = bareRoom({ lengthM, widthM, heightM, lowHeightM })
          const slices = Array.from({ length: 200 }, (_, i) => ceilingM(room, ((i + 0.5) / 200) * widthM))
          const sum = slices.reduce((total, high) => total + (high * lengthM * widthM) / 200, 0)
          expect(roomVolumeM3(room)).toBeCloseTo(sum, 6)
        },
      ),
    )
  })
})

describe('an impossible room', () => {
  const at = (change: Parameters<typeof bareRoom>[0]): string => {
    try {
      requireRoom(bareRoom(change))
    } catch (error) {
      if (error instanceof InputError) return error.issues[0]?.path ?? ''
      throw error
    }
    return 'accepted'
  }
  test.each([
    ['no height to speak of', { heightM: 0.001 }, 'room.heightM'],
    ['a corner larger than the room', { corner: { lengthM: 7, widthM: 1 } }, 'room.corner.lengthM'],
    ['a window wider than its wall', { openings: [window({ widthM: 7 })] }, 'room.openings.0.widthM'],
    ['a window beside its wall', { openings: [window({ alongM: 6.5 })] }, 'room.openings.0.alongM'],
    ['a window above the ceiling', { openings: [window({ bottomM: 2.2 })] }, 'room.openings.0.bottomM'],
    [
      'openings of more area than their wall',
      { openings: [door({ widthM: 4, heightM: 1.9 }), window({ side: 'right', widthM: 4, heightM: 1.9 })] },
      'room.openings.1.heightM',
    ],
  ])('%s', (_, change, path) => {
    expect(at(change)).toBe(path)
  })
  test('a possible room is accepted', () => {
    expect(at({ openings: [door(), window()] })).toBe('accepted')
  })
  test('zero sizes and negative openings are refused by the schema', () => {
    expect(roomSchema.safeParse({ lengthM: 0, widthM: 1, heightM: 1 }).success).toBe(false)
    const shutTight = { ...window(), openM: -0.1 }
    expect(roomSchema.safeParse({ lengthM: 2, widthM: 2, heightM: 2, openings: [shutTight] }).success).toBe(false)
  })
})

describe('things', () => {
  test.each(thingKinds)('%s has possible sizes', (kind) => {
    const one = newThing(kind, 'one', { xM: 1, yM: 1 })
    expect(one.highM).toBeGreaterThan(one.lowM)
    expect(one.name).toBe(thingFacts[kind].name)
  })
  test('better-known sources come first', () => {
    expect(newThing('bed', 'one', { xM: 1, yM: 1 }, { name: 'Bunk', highM: 1.4 })).toMatchObject({
      name: 'Bunk',
      highM: 1.4,
    })
  })
})

describe('dropped on the plan', () => {
  const room = bareRoom()
  const box = thing({ xM: 3, yM: 2, lengthM: 1, widthM: 0.5 })
  test('a thing near a wall snaps to it', () => {
    expect(snapToRoom(room, { ...box, xM: 0.53 }).xM).toBe(0.5)
    expect(snapToRoom(room, { ...box, yM: 3.78 }).yM).toBe(3.75)
  })
  test('a turned thing snaps by its turned sides', () => {
    expect(snapToRoom(room, { ...box, turnDeg: 90, xM: 0.27 }).xM).toBeCloseTo(0.25, 12)
  })
  test('elsewhere it snaps to the nearest half inch, and never leaves the room', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 9, noNaN: true }),
        fc.double({ min: -3, max: 7, noNaN: true }),
        fc.constantFrom(0, 90, 180, 270),
        (xM, yM, turnDeg) => {
          const at = snapToRoom(room, { ...box, xM, yM, turnDeg })
          expect(penetrationM(room, boxPoints(at, 1, 0.5, turnDeg))).toBeGreaterThanOrEqual(-1e-9)
          expect(snapToRoom(room, { ...box, ...at, turnDeg })).toEqual(at)
        },
      ),
    )
  })
  test('a thing longer than the room lies in its middle', () => {
    expect(snapToRoom(room, { ...box, lengthM: 9 }).xM).toBe(3)
  })
})
