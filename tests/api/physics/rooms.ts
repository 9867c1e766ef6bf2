import fc from 'fast-check'
import { heaterTemplates } from '@/core/heat/heaters/heaterTemplates'

/** A number anywhere in a range, and often at its ends. */
export function between(min: number, max: number): fc.Arbitrary<number> {
  return fc.oneof(
    { weight: 12, arbitrary: fc.double({ min, max, noNaN: true }) },
    { weight: 1, arbitrary: fc.constantFrom(min, max) },
  )
}

const openings = fc.array(
  fc.record({
    id: fc.uuid(),
    name: fc.constant('Window'),
    kind: fc.constantFrom('window', 'roof-vent', 'floor-vent', 'door'),
    side: fc.constantFrom('left', 'right', 'back', 'front'),
    alongM: between(0.5, 1.2),
    bottomM: between(0, 0.9),
    widthM: between(0.1, 0.6),
    heightM: between(0.1, 0.6),
    openM: between(0, 0.6),
    condition: fc.constantFrom('clear', 'screened', 'iced', 'blocked'),
  }),
  { maxLength: 4 },
)
/** A room with up to four openings. */
export const room = fc
  .record({
    lengthM: between(1.8, 9),
    widthM: between(1.5, 2.6),
    heightM: between(1.2, 2.4),
    shell: fc.constantFrom('bare', 'lined', 'insulated', 'canvas'),
    glass: fc.constantFrom('single', 'double'),
    liningsBurn: fc.boolean(),
    openings,
  })
  .map((one) => ({
    ...one,
    openings: one.openings.map((opening) =>
      opening.kind === 'roof-vent'
        ? { ...opening, side: 'roof', bottomM: 0 }
        : opening.kind === 'floor-vent'
          ? { ...opening, side: 'floor', bottomM: 0 }
          : opening,
    ),
  }))
/** The heaters on the market, by kind. */
export const heater = fc.constantFrom(...Object.values(heaterTemplates).map(({ heater: { body } }) => body))
/** Up to six things, also where they cannot be. */
export const things = fc.array(
  fc.record({
    id: fc.uuid(),
    name: fc.constant('Thing'),
    kind: fc.constantFrom('bed', 'cabinet', 'curtain', 'table', 'cylinder', 'door-swing', 'other'),
    xM: between(0, 8),
    yM: between(0, 2.6),
    lengthM: between(0.05, 2),
    widthM: between(0.03, 1.4),
    turnDeg: fc.constantFrom(0, 90, 30, -45),
    lowM: between(0, 0.5),
    highM: between(0.5, 1.9),
    reachM: between(0, 0.4),
    combustible: fc.boolean(),
  }),
  { maxLength: 6 },
)
