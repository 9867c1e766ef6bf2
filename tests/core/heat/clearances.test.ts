import { bareRoom, body, door, pose, thing } from '@tests/heat'
import { inches } from '@tests/tradeUnits'
import { clearanceCheck } from '@/core/heat/clearance/clearanceCheck'
import type { Heater, HeaterBody, Pose } from '@/core/heat/heaters/heater'
import type { Thing } from '@/core/heat/room/thing'
import { clearanceSlip } from '@/core/heat/clearance/clearanceSlip'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import type { RoomInput } from '@/core/heat/room/room'
import { InputError } from '@/core/base/InputError'

function check(things: readonly Thing[], of: { heater?: HeaterBody; at?: Pose; room?: Partial<RoomInput> } = {}) {
  return clearanceCheck({
    heater: of.heater ?? body(),
    pose: of.at ?? pose(),
    objects: things,
    room: bareRoom(of.room),
  })
}

const of = (things: readonly Thing[], more = {}) => check(things, more).margins.find(({ id }) => id === 'box')

describe('each face, by hand: the heater at (2, 2) is 0.2 deep, 0.4 wide, 0.5 high and faces the front', () => {
  // Its body reaches from 1.9 to 2.1 along the room, 1.8 to 2.2 across; a box of 0.4 reaches 0.2 to each side.
  const cases: readonly [string, Partial<Thing>, number, string][] = [
    ['front: box from 3.3, face at 2.1, wants 1', { xM: 3.5 }, 0.2, 'front'],
    ['front, too near: box from 2.8', { xM: 3 }, -0.3, 'front'],
    ['rear: box to 1.6, face at 1.9, wants 0.1', { xM: 1.4 }, 0.2, 'rear'],
    ['rear, too near: box to 1.85', { xM: 1.65 }, -0.05, 'rear'],
    ['right side: box from 2.6, face at 2.2, wants 0.3', { xM: 2, yM: 2.8 }, 0.1, 'right side'],
    ['left side: box to 1.6, face at 1.8, wants 0.3', { xM: 2, yM: 1.4 }, -0.1, 'left side'],
    ['top: overhang from 1.3, top at 0.5, wants 0.6', { xM: 2, lowM: 1.3, highM: 1.6 }, 0.2, 'top'],
    ['top, too near: overhang from 1.0', { xM: 2, lowM: 1, highM: 1.6 }, -0.1, 'top'],
  ]
  test.each(cases)('%s', (_, change, marginM, face) => {
    const margin = of([thing(change)])
    expect(margin?.marginM).toBeCloseTo(marginM, 9)
    expect(margin?.face).toBe(face)
  })

  test('objects that are too close are listed with the missing distance, and no others', () => {
    const { violations, leastMarginM } = check([thing({ xM: 3 }), thing({ id: 'far', xM: 5 })])
    expect(violations.map(({ id }) => id)).toEqual(['box'])
    expect(violations[0]?.lacksM).toBeCloseTo(0.3, 9)
    expect(violations[0]?.wantedM).toBe(1)
    expect(leastMarginM).toBeCloseTo(-0.3, 9)
  })

  test('each face reports the distance that it wants, a bare wall none', () => {
    const wanted = (change: Partial<Thing>) => of([thing(change)])?.wantedM
    expect(wanted({ xM: 3.5 })).toBe(1)
    expect(wanted({ xM: 1.4 })).toBe(0.1)
    expect(wanted({ xM: 2, yM: 2.8 })).toBe(0.3)
    expect(wanted({ xM: 2, lowM: 1.3, highM: 1.6 })).toBe(0.6)
    const hung = check([thing({ xM: 2.3, highM: 0.4 })], { at: pose({ bottomM: 0.6 }) })
    expect(hung.margins.find(({ id }) => id === 'box')).toMatchObject({ face: 'underside', wantedM: 0 })
    const walls = check([]).margins
    expect(walls.length).toBeGreaterThan(4)
    for (const margin of walls) expect(margin).toMatchObject({ wantedM: 0, isCylinder: false })
  })

  test('through the cut-off corner of an L-shaped room: one violation, by as far as it reaches out', () => {
    const room = { corner: { lengthM: 2, widthM: 2 } } as const
    const through = check([], { room, at: pose({ xM: 2, yM: 1.9 }) })
    expect(through.violations.length).toBeGreaterThan(0)
    const inside = check([], { room, at: pose({ xM: 4, yM: 2 }) })
    expect(inside.violations).toEqual([])
    expect(inside.margins.map(({ id }) => id)).not.toContain('room')
    const across = check([], { at: pose({ xM: 0.05, yM: 2 }) })
    expect(across.violations.map(({ id }) => id)).not.toContain('room')
  })

  test('a corner belongs to the clearance box: half a meter ahead and a hand to the side is too close', () => {
    expect(of([thing({ xM: 2.8, yM: 2.6 })])?.marginM).toBeCloseTo(-0.1, 9)
  })

  test('a box askew is judged by its corner, not by its extent', () => {
    // Its corner toward the heater is 0.4·√2/2 from its middle; the nearer edge gives the margin.
    const square = of([thing({ xM: 3.35, yM: 2.75, turnDeg: 0 })])
    const askew = of([thing({ xM: 3.35, yM: 2.75, turnDeg: 45 })])
    const corner = (3.35 + 2.75 - 0.2 * Math.SQRT2 * 1 - (3.1 + 2.5)) / 2
    expect(square?.marginM).toBeCloseTo(0.05, 9)
    expect(askew?.marginM).toBeCloseTo(corner, 6)
  })

  test('a hung heater has clearance to objects under it', () => {
    const bench = thing({ xM: 2.3, highM: 0.4 })
    expect(of([bench])?.marginM).toBeLessThan(0)
    expect(of([bench], { at: pose({ bottomM: 0.6 }) })).toMatchObject({ face: 'underside' })
    expect(of([bench], { at: pose({ bottomM: 0.6 }) })?.marginM).toBeCloseTo(0.2, 9)
  })
})

describe('things that move count where they can reach', () => {
  test('a curtain along its own line, by its swing to each side', () => {
    const curtain = thing({ kind: 'curtain', xM: 3.5, turnDeg: 90, lengthM: 1, widthM: 0.04, highM: 1.6 })
    expect(of([curtain])?.marginM).toBeCloseTo(3.48 - 3.1, 9)
    expect(of([{ ...curtain, reachM: 0.5 }])?.marginM).toBeCloseTo(2.98 - 3.1, 9)
    // Along its own line it does not reach farther.
    const beside = { ...curtain, xM: 2, yM: 3.2, reachM: 0.5 }
    expect(of([beside])?.marginM).toBeCloseTo(0.2, 9)
  })

  test('a door along its quarter of a circle, never less than the circle', () => {
    // Hinged at (2.9, 3.2), a leaf of 0.6 opens toward larger y, so it stays beyond y = 3.2.
    const leaf = thing({ kind: 'door-swing', xM: 3.2, yM: 3.2, lengthM: 0.6, widthM: 0.04, highM: 1.7 })
    expect(of([leaf])?.marginM).toBeCloseTo(3.2 - 2.5, 9)
    // Hinged at (2.5, 3.2) and turned by 180° it sweeps toward the heater, to (2.5, 2.6).
    const towards = of([{ ...leaf, xM: 2.2, turnDeg: 180 }])
    expect(towards?.marginM).toBeCloseTo(2.6 - 2.5, 6)
  })

  test('bedding and feet all round', () => {
    expect(of([thing({ kind: 'bed', xM: 3.5, reachM: 0.25 })])?.marginM).toBeCloseTo(-0.05, 9)
    expect(of([thing({ kind: 'sleeper', combustible: false, xM: 3.5, reachM: 0.25 })])?.marginM).toBeCloseTo(-0.05, 9)
  })
})

describe('objects that cannot burn', () => {
  test('need room only for the heater’s own body', () => {
    expect(of([thing({ combustible: false, xM: 2.4 })])?.marginM).toBeCloseTo(0.1, 9)
  })
  test('a cylinder has its own distance at every face', () => {
    const bottle = thing({ kind: 'cylinder', combustible: false, xM: 1.2 })
    expect(of([bottle])).toMatchObject({ isCylinder: true, wantedM: 0.9 })
    expect(of([bottle])?.marginM).toBeCloseTo(1.9 - 1.4 - 0.9, 9)
  })
  test('a gas outlet supplies the hose and is no obstacle', () => {
    expect(of([thing({ kind: 'gas-outlet', xM: 2.2 })])).toBeUndefined()
  })
})

describe('walls and ceiling', () => {
  const lined = { liningsBurn: true }
  test('a lined wall keeps the distance of the face before it', () => {
    const { margins } = check([], { at: pose({ xM: 5.2 }), room: lined })
    expect(margins.find(({ name }) => name === 'the front wall')?.marginM).toBeCloseTo(6 - 5.3 - 1, 9)
  })
  test('a wall that cannot burn may be touched, not crossed', () => {
    expect(check([], { at: pose({ xM: 5.9 }) }).violations).toEqual([])
    const crossed = check([], { at: pose({ xM: 5.95 }) }).violations
    expect(crossed.map(({ name }) => name)).toContain('the front wall')
  })
  test('a combustible ceiling uses its own clearance, or that of the top', () => {
    const low = { liningsBurn: true, heightM: 1 }
    expect(check([], { room: low }).margins.find(({ id }) => id === 'ceiling')?.marginM).toBeCloseTo(-0.1, 9)
    const told = body({ clearances: { frontM: 1, sidesM: 0.3, rearM: 0.1, topM: 0.6, ceilingM: 0.45 } })
    const margin = check([], { room: low, heater: told }).margins.find(({ id }) => id === 'ceiling')
    expect(margin?.marginM).toBeCloseTo(0.05, 9)
  })
  test('under a slope the low edge of the heater’s place decides', () => {
    // From 2.0 at the left to 1.0 at the right: at y = 2.2 the ceiling is at 1.45.
    const room = { liningsBurn: true, heightM: 2, lowHeightM: 1 }
    expect(check([], { room }).margins.find(({ id }) => id === 'ceiling')?.marginM).toBeCloseTo(1.45 - 1.1, 9)
  })
  test('in a room with a corner walled off that corner is wall', () => {
    const corner = { lengthM: 1.5, widthM: 1 }
    const inside = check([], { at: pose({ xM: 0.7, yM: 3.5 }), room: { corner } })
    expect(inside.violations.length).toBeGreaterThan(0)
    expect(check([], { at: pose({ xM: 0.7, yM: 1 }), room: { corner } }).violations).toEqual([])
  })
})

describe('hose and way out', () => {
  const hosed = body({ hoseM: 2 })
  const outlet = thing({ id: 'outlet', kind: 'gas-outlet', lengthM: 0.05, widthM: 0.05, lowM: 0, highM: 0.05 })
  test('a hose reaches with a tenth to spare for its bends', () => {
    const { hose } = check([{ ...outlet, xM: 0.4, yM: 2 }], { heater: hosed })
    expect(hose).toMatchObject({ reaches: true, crossesFront: false, hasM: 2 })
    expect(hose?.wantedM).toBeCloseTo(1.5 * 1.1, 9)
    expect(check([{ ...outlet, xM: 0, yM: 0 }], { heater: hosed }).hose?.reaches).toBe(false)
  })
  test('it never crosses the front', () => {
    expect(check([{ ...outlet, xM: 3, yM: 2 }], { heater: hosed }).hose?.crossesFront).toBe(true)
  })
  test('without a hose or an outlet there is no result', () => {
    expect(check([outlet]).hose).toBeNull()
    expect(check([], { heater: hosed }).hose).toBeNull()
  })

  const bed = thing({ id: 'bed', kind: 'bed', xM: 1, yM: 0.6, lengthM: 1.9, widthM: 1.1 })
  const narrow = { widthM: 1.2, lengthM: 6, openings: [door({ side: 'front', alongM: 0.6 })] }
  test('a heater across a narrow room blocks the way out; beside the wall of a wide one it does not', () => {
    const wide = body({ widthM: 0.9 })
    expect(check([bed], { heater: wide, at: pose({ xM: 4, yM: 0.6 }), room: narrow }).exit.state).toBe('blocked')
    const roomy = { ...narrow, widthM: 3 }
    const clear = check([bed], { heater: wide, at: pose({ xM: 4, yM: 2.5 }), room: roomy }).exit
    expect(clear.state).toBe('clear')
    expect(clear.walk.length).toBeGreaterThan(10)
  })
  test('without door or bed it is not known; with something in the way it never was', () => {
    expect(check([bed], { room: { widthM: 1.2 }, at: pose({ yM: 0.6 }) }).exit.state).toBe('unknown')
    expect(check([], { room: narrow, at: pose({ yM: 0.6 }) }).exit.state).toBe('unknown')
    const cabinet = thing({ id: 'wall', kind: 'cabinet', xM: 3, yM: 0.6, widthM: 1.2, highM: 1.8 })
    const { state } = check([bed, cabinet], { room: narrow, at: pose({ xM: 5, yM: 0.6 }) }).exit
    expect(state).toBe('no-way-even-without')
  })
})

describe('impossible input is refused with a sentence', () => {
  const refused = (judge: () => unknown): string => {
    try {
      judge()
    } catch (error) {
      if (error instanceof InputError) return `${error.issues[0]?.path}: ${error.message}`
      throw error
    }
    return 'accepted'
  }
  test.each([
    [
      'a heater larger than the room',
      () => check([], { heater: body({ widthM: 4.5, depthM: 4.2 }) }),
      /larger than the room/,
    ],
    ['a heater higher than the room', () => check([], { heater: body({ heightM: 2.5 }) }), /higher than the room/],
    [
      'negative clearances',
      () => check([], { heater: body({ clearances: { frontM: -1, sidesM: 0, rearM: 0, topM: 0 } }) }),
      /heater.clearances.frontM: A clearance cannot be less/,
    ],
    ['a room of no volume', () => check([], { room: { heightM: 0.001 } }), /room.heightM: A room holds more/],
    ['a thing upside down', () => check([thing({ lowM: 1, highM: 0.5 })]), /objects.0.highM: Box: its upper edge/],
  ])('%s', (_, judge, words) => {
    expect(refused(judge)).toMatch(words)
  })
})

describe('as a worked sum', () => {
  test('distance minus required distance is the missing clearance', () => {
    const slip = clearanceSlip(check([thing({ xM: 3 })]), true)
    expect(slip?.lines.map(({ sign, figure }) => [sign, Math.round(figure.quantity.value * 1e6) / 1e6])).toEqual([
      ['', 0.7],
      ['−', 1],
    ])
    expect(slip?.result.label).toBe('Lacks')
    expect(slip?.result.figure.quantity.value).toBeCloseTo(0.3, 9)
    expect(slip?.lines[1]?.figure.basis).toBe('clearance')
    expect(clearanceSlip(check([thing({ xM: 3 })]), false)?.lines[1]?.figure.basis).toBe('clearance-common')
  })
  test('the distance to a cylinder has its own basis', () => {
    const slip = clearanceSlip(check([thing({ kind: 'cylinder', xM: 1.2 })]), true)
    expect(slip?.lines[1]?.figure.basis).toBe('cylinder-distance')
  })
})

test.each([
  // Common practice: panels front 30, sides 4, top 18, rear 0; portable radiants front 24, sides 6, top 30, rear 0 in.
  ['catalytic-panel', [30, 4, 18, 0]],
  ['portable-radiant', [24, 6, 30, 0]],
] as const)('the template of a %s has common values and says so', (kind, [front, sides, top, rear]) => {
  const heater: Heater = heaterTemplates[kind].heater
  const { frontM, sidesM, topM, rearM } = heater.body.clearances
  expect([frontM, sidesM, topM, rearM]).toEqual([inches(front), inches(sides), inches(top), inches(rear)])
  expect(heater.clearancesFrom).toBe('common')
})
