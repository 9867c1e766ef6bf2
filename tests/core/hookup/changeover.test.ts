import fc from 'fast-check'
import { applianceUse, cylinderGear, rigGear, tripPlan, untestedLine } from '@tests/gear'
import { change, edited, soundStart } from '@tests/lines'
import { checkLine } from '@/core/hookup/checks/checkLine'
import { heldGas } from '@/core/hookup/line/changeoverSides'
import type { Line } from '@/core/hookup/line/line'
import { baselineScenario } from '@/core/run/simulation/buildRunInput'
import { runOutlook } from '@/core/run/simulation/runOutlook'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { POUND_KG } from '@tests/tradeUnits'

const NOW = '2026-12-01T10:00:00-07:00'
const states = ['full', 'empty', 'not-weighed'] as const
type State = (typeof states)[number]

const anyChangeover = fc.record({
  lever: fc.constantFrom('left', 'right', 'both', 'automatic'),
  left: fc.constantFrom(...states),
  right: fc.constantFrom(...states),
  isLeftShut: fc.boolean(),
  isRightShut: fc.boolean(),
})
type AnyChangeover = typeof anyChangeover extends fc.Arbitrary<infer Value> ? Value : never

const lineOf = ({ lever, isLeftShut, isRightShut }: AnyChangeover): Line =>
  edited(
    soundStart('two-cylinders'),
    change('changeover', { lever }),
    change('left', { cylinderId: 'left', setting: isLeftShut ? 'shut' : 'open' }),
    change('right', { cylinderId: 'right', setting: isRightShut ? 'shut' : 'open' }),
    change('cooktop', { applianceId: 'cooktop', place: 'inside' }),
  )

function cylinderOf(id: 'left' | 'right', state: State) {
  const gear = cylinderGear({ id, name: `The ${id} one` })
  const netKg = state === 'empty' ? 0.1 : 15 * POUND_KG
  const lastWeighing = { grossKg: gear.tareKg + netKg, hangingKg: 0, weighedAt: '2026-11-30T09:42:00.000Z' }
  return { ...gear, lastWeighing: state === 'not-weighed' ? null : lastWeighing }
}
const cylindersOf = ({ left, right }: AnyChangeover) => [cylinderOf('left', left), cylinderOf('right', right)]

const check = (one: AnyChangeover) =>
  checkLine('line', lineOf(one), {
    temperatureK: 288,
    atmospherePa: 101_325,
    untilMonth: '2026-12',
    heldKg: heldGas(cylindersOf(one)),
  })
const has = (findings: readonly { code: string }[], code: string): boolean => findings.some((one) => one.code === code)

test('over levers, valves and contents: the side without gas is found in Hook-up, in the flow and in the verdict', () => {
  fc.assert(
    fc.property(anyChangeover, (one) => {
      const { lever, left, right, isLeftShut, isRightShut } = one
      // Written from what a person sees: does this side give gas, as far as known?
      const gives = { left: !isLeftShut && left !== 'empty', right: !isRightShut && right !== 'empty' }
      const { findings, flow } = check(one)
      const isOnDeadSide = (lever === 'left' || lever === 'right') && !gives[lever]
      expect(has(findings, 'changeover-on-empty')).toBe(isOnDeadSide)
      const comes = lever === 'left' || lever === 'right' ? gives[lever] : gives.left || gives.right
      expect(flow?.get('cooktop')?.live).toBe(comes)
      expect(has(findings, 'no-gas')).toBe(!comes)
      const isEmptyReserve = (lever === 'left' && right === 'empty') || (lever === 'right' && left === 'empty')
      const isHalf = lever === 'automatic' && gives.left !== gives.right
      expect(has(findings, 'changeover-no-reserve')).toBe(isEmptyReserve || isHalf)
      const rig = rigGear(cylindersOf(one), { lines: [untestedLine(lineOf(one))] })
      const trip = tripPlan({ uses: [applianceUse({ id: 'cooktop', kind: 'cooktop' })] })
      const judged = judgeTrip(rig, trip, NOW).findings
      for (const code of ['changeover-on-empty', 'changeover-no-reserve', 'no-gas']) {
        expect([code, has(judged, code)]).toEqual([code, has(findings, code)])
      }
    }),
    { numRuns: 120 },
  )
})

test('the run begins at the side of the lever: on the last of one cylinder the night ends cold, on the full one not', () => {
  const furnace = applianceUse({ kind: 'furnace', inputW: 5000, burnPerDayS: 8 * 3600, habit: null })
  const outagesFrom = (lever: 'left' | 'right') => {
    const one = { lever, left: 'full', right: 'full', isLeftShut: false, isRightShut: false } as const
    const last = cylinderOf('left', 'full')
    const cylinders = [
      { ...last, lastWeighing: { grossKg: last.tareKg + 2, hangingKg: 0, weighedAt: '2026-11-30T09:42:00.000Z' } },
      cylinderOf('right', 'full'),
    ]
    const lines = [{ id: 'line', name: 'Line', line: lineOf(one) }]
    const trip = tripPlan({ nights: 1, coldestK: 283, uses: [furnace] })
    return runOutlook({ cylinders, lines, warmth: null, battery: null }, trip, baselineScenario).run.outages
  }
  expect(outagesFrom('left').map(({ cause }) => cause)).toContain('lever')
  expect(outagesFrom('right')).toEqual([])
})

test('an automatic changeover with its reserve shut waits for somebody, as a lever does', () => {
  const modeOf = (isRightShut: boolean) => {
    const line = lineOf({ lever: 'automatic', left: 'full', right: 'full', isLeftShut: false, isRightShut })
    const trip = tripPlan({ uses: [applianceUse()] })
    const rig = { cylinders: [cylinderOf('left', 'full'), cylinderOf('right', 'full')], warmth: null, battery: null }
    return runOutlook({ ...rig, lines: [{ id: 'line', name: 'Line', line }] }, trip, baselineScenario).input.changeover
  }
  expect([modeOf(false), modeOf(true)]).toEqual(['automatic', 'one-side'])
})

test('a green flag may be trapped gas: it counts only where the cylinders were weighed', () => {
  const found = (flag: 'green' | 'red', state: State) => {
    const one = { lever: 'automatic', left: state, right: 'full', isLeftShut: false, isRightShut: false } as const
    const line = edited(lineOf(one), change('changeover', { flag }))
    return checkLine('line', line, {
      temperatureK: 288,
      atmospherePa: 101_325,
      untilMonth: '2026-12',
      heldKg: heldGas(cylindersOf(one)),
    }).findings.map(({ code }) => code)
  }
  expect(found('green', 'not-weighed')).toContain('changeover-flag-green')
  expect(found('green', 'full')).not.toContain('changeover-flag-green')
  expect(found('red', 'full')).toContain('changeover-flag-red')
})
