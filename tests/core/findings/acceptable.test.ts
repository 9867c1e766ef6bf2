import { findingCodes } from '@/core/findings/findingCodes'

/**
 * What no reason makes acceptable, written down apart from the registry. [common practice]
 *
 * - An open leak, a failed hold test, no passed leak test since the last change; a line in use that is not drawn was
 *   not tested.
 * - A vessel, hose or regulator out of service.
 * - A cylinder, its pressure or an outdoor appliance inside, or where one stands not being known.
 * - No CO or propane alarm that is in date and tested for this trip.
 * - A heater that is not certified where one camps, left alone, or of which nobody knows where it stands.
 * - A tare that nobody read, on a cylinder that is refilled; a throw-away that may have been refilled.
 * - A stove that heats the rig, or of which nobody said that it does not.
 * - The only heat of a freezing night running out.
 */
const never = {
  cylinders: [
    'look-over-found',
    'tare-not-read',
    'bottle-heavier',
    'equipment-bad',
    'alarm-not-entered',
    'alarm-date-unknown',
    'alarm-old',
    'alarm-bad',
    'alarm-not-tested',
    'cylinder-fault-recorded',
  ],
  hookup: [
    'place-not-known',
    'no-line-drawn',
    'line-unfinished',
    'hose-bad',
    'appliance-not-on-line',
    'not-fed',
    'line-fault-recorded',
  ],
  'leak-test': ['leak-test-missing', 'leak-test-unfinished', 'line-changed-since-test', 'refilled-since-test'],
  heat: [
    'locker-not-known',
    'heater-not-placed',
    'placing-not-judged',
    'heater-not-certified',
    'heater-left-alone',
    'flame-fault-recorded',
  ],
  run: ['heat-gas-not-enough', 'cooking-as-heat-not-known'],
  fill: [],
  practice: [],
} as const satisfies Record<keyof typeof findingCodes, readonly string[]>

const all = Object.entries(findingCodes).flatMap(([station, codes]) =>
  Object.entries(codes).map(([code, facts]) => ({ station: station as keyof typeof never, code, ...facts })),
)

test.each(all)(
  '$station $code: acceptable only where nothing forbids it',
  ({ station, code, severity, isAcceptable }) => {
    const forbidden: readonly string[] = never[station]
    expect(isAcceptable).toBe(severity === 'fix-first' && !forbidden.includes(code))
  },
)

test('every code of the list is registered', () => {
  for (const [station, codes] of Object.entries(never)) {
    const known = all.filter((one) => one.station === station).map(({ code }) => code)
    expect(codes.filter((code) => !known.includes(code))).toEqual([])
  }
})
