import fc from 'fast-check'
import { call } from './call'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'
import { openingConditions, openingKinds, roomShapes, roomSides, shellClasses } from '@/core/heat/room/room'
import { thingKinds } from '@/core/heat/room/thing'

const length = (max: number) =>
  fc.oneof({ weight: 8, arbitrary: fc.double({ min: 0.01, max, noNaN: true }) }, fc.double())
const odd = fc.oneof(fc.constant(null), fc.string({ maxLength: 5 }), fc.constant(-1), fc.constant(1e12))
const mostly = <Value>(value: fc.Arbitrary<Value>): fc.Arbitrary<unknown> =>
  fc.oneof({ weight: 15, arbitrary: value as fc.Arbitrary<unknown> }, odd)

const opening = fc.record({
  id: fc.string({ minLength: 1, maxLength: 5 }),
  name: fc.constant('Opening'),
  kind: fc.constantFrom(...openingKinds),
  side: fc.constantFrom(...roomSides),
  alongM: length(3),
  bottomM: length(1),
  widthM: length(1),
  heightM: length(1),
  openM: length(1),
  condition: fc.constantFrom(...openingConditions),
})
const room = fc.record(
  {
    shape: fc.constantFrom(...roomShapes),
    lengthM: mostly(length(6)),
    widthM: mostly(length(3)),
    heightM: mostly(length(3)),
    lowHeightM: length(3),
    corner: fc.record({ lengthM: length(2), widthM: length(2) }),
    shell: mostly(fc.constantFrom(...shellClasses)),
    openings: mostly(fc.array(opening, { maxLength: 4 })),
  },
  { requiredKeys: ['lengthM', 'widthM', 'heightM'] },
)
const thing = fc.record(
  {
    id: fc.string({ minLength: 1, maxLength: 5 }),
    name: fc.constant('Thing'),
    kind: fc.constantFrom(...thingKinds),
    xM: fc.double({ min: -4, max: 9, noNaN: true }),
    yM: fc.double({ min: -4, max: 9, noNaN: true }),
    lengthM: length(3),
    widthM: length(3),
    turnDeg: fc.oneof(fc.integer({ min: -360, max: 360 }), fc.double()),
    lowM: length(2),
    highM: length(2),
    reachM: length(1),
  },
  { requiredKeys: ['id', 'name', 'xM', 'yM', 'lengthM', 'widthM', 'lowM', 'highM'] },
)
const heater = fc.record({
  widthM: mostly(length(1)),
  depthM: mostly(length(1)),
  heightM: mostly(length(1)),
  clearances: fc.record({ frontM: length(2), sidesM: length(1), rearM: length(1), topM: length(2) }),
  mount: fc.constantFrom('floor', 'wall', 'either'),
})
const pose = fc.record({
  xM: fc.double({ min: -2, max: 8, noNaN: true }),
  yM: fc.double({ min: -2, max: 5, noNaN: true }),
  turnDeg: fc.integer({ min: -360, max: 360 }),
  bottomM: length(2),
})

/** Bodies with the right field names and mostly plausible values, close to an owner's mistakes. */
const bodies: readonly [string, fc.Arbitrary<object>, number][] = [
  [
    'clearance-check',
    fc.record(
      { heater, pose, objects: mostly(fc.array(thing, { maxLength: 5 })), room },
      { requiredKeys: ['heater', 'pose', 'room'] },
    ),
    200,
  ],
  [
    'placements',
    fc.record({
      heater,
      objects: fc.array(thing, { maxLength: 4 }),
      room,
      gridM: mostly(fc.double({ min: 0.25, max: 1, noNaN: true })),
    }),
    60,
  ],
  [
    'room-air',
    fc.record(
      {
        room,
        windMS: mostly(fc.double({ min: 0, max: 20, noNaN: true })),
        heaterW: mostly(fc.double({ min: 0, max: 8000, noNaN: true })),
        thermostatK: mostly(fc.double({ min: 250, max: 320, noNaN: true })),
        people: mostly(fc.record({ asleep: fc.integer({ min: -1, max: 5 }) })),
        outside: fc.record({ temperatureK: mostly(fc.double({ min: 200, max: 330, noNaN: true })) }),
        capacityJPerK: mostly(fc.double({ min: 1000, max: 1e6, noNaN: true })),
        durationS: mostly(fc.double({ min: 1, max: 1200, noNaN: true })),
      },
      { requiredKeys: ['room', 'outside', 'durationS'] },
    ),
    100,
  ],
  [
    'warm-up-fit',
    fc.record({
      outsideK: mostly(fc.double({ min: 250, max: 290, noNaN: true })),
      inputW: mostly(fc.double({ min: 100, max: 5000, noNaN: true })),
      readings: mostly(
        fc.array(
          fc.record({
            timeS: fc.double({ min: 0, max: 9000, noNaN: true }),
            temperatureK: fc.double({ min: 250, max: 320, noNaN: true }),
          }),
          { maxLength: 8 },
        ),
      ),
    }),
    150,
  ],
]

test.each(bodies)('%s answers anything with its names by 200 or 400', async (name, body, numRuns) => {
  await fc.assert(
    fc.asyncProperty(body, async (input) => {
      const { status, json } = await call(name, input)
      expect([200, 400]).toContain(status)
      if (status === 400) expect(json.issues.length).toBeGreaterThan(0)
    }),
    { numRuns },
  )
})

test('the templates of heaters are accepted as they are', async () => {
  for (const { heater: one } of Object.values(heaterTemplates)) {
    const body = { heater: one.body, pose: { xM: 2, yM: 1.2 }, room: { lengthM: 4, widthM: 2.4, heightM: 2 } }
    expect((await call('clearance-check', body)).status).toBe(200)
  }
})
