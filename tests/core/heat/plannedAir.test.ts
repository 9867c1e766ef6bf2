import fc from 'fast-check'
import { bareRoom, door, heaterGear, window } from '@tests/heat'
import { BTU_PER_HOUR_W, inches } from '@tests/tradeUnits'
import { roomAir } from '@/core/heat/air/roomAir'
import { roomAirSchema } from '@/core/heat/air/roomAirInput'
import type { Opening, Room } from '@/core/heat/room/room'
import { type BurningTogether, burningTogether } from '@/core/heat/ventilation/burningTogether'
import { openingsPhrase, planOpenings } from '@/core/heat/ventilation/planOpenings'
import { plannedAir } from '@/core/heat/ventilation/plannedAir'
import { isAirGood, ventilationJudge } from '@/core/heat/ventilation/ventilationCheck'
import { formatPhrase } from '@/core/units/formatQuantity'

const conditions = { altitudeM: 0, mildestK: 278.15, planned: [] }

const always = (inputW: number): BurningTogether => ({
  heaters: [],
  names: [],
  inputW: new Float64Array(288).fill(inputW),
  stepS: 300,
  isCatalytic: false,
})

const high = (openM: number): Opening => window({ bottomM: 1.6, heightM: 0.3, openM })
const low = (openM: number): Opening => window({ id: 'low', side: 'right', bottomM: 0.1, heightM: 0.3, openM })

const small = (...openings: Opening[]): Room => bareRoom({ lengthM: 3.5, widthM: 1.8, heightM: 1.9, openings })

test('agrees with the air model run through a long evening', () => {
  for (const openings of [[high(0.05), low(0.05)], [high(0.1), low(0.02)], [window({ openM: 0.2 })]]) {
    const room = small(...openings)
    const inputW = 3000 * BTU_PER_HOUR_W
    const estimate = plannedAir(room, always(inputW), conditions)
    const input = roomAirSchema.parse({
      room,
      heaterW: inputW,
      people: { awake: 2, asleep: 0 },
      outside: { temperatureK: 278.15 },
      // The same warmth that the estimate stops at.
      thermostatK: 298.15,
      durationS: 6 * 3600,
    })
    const { series } = roomAir(input)
    const worst = Math.min(...series.map(({ o2Fraction }) => o2Fraction))
    // A thermostat burns less than a heater left on high: the estimate is on the safe side.
    expect(estimate.oxygenShare).toBeLessThanOrEqual(worst + 0.0003)
    expect(estimate.oxygenShare).toBeGreaterThan(worst - 0.012)
  }
})

test('as high as it burns the thin air is used up sooner', () => {
  const room = small(high(0.05), low(0.05))
  const at = (altitudeM: number) => plannedAir(room, always(800), { ...conditions, altitudeM }).oxygenShare
  expect(at(2410)).toBeLessThan(at(0))
})

test('a burner of a few minutes counts by what of its air is still in the room', () => {
  const room = small(high(0.05), low(0.05))
  const short = always(0)
  short.inputW.fill(3000, 220, 222)
  const long = always(0)
  long.inputW.fill(3000, 200, 240)
  const shareOf = (burning: BurningTogether) => plannedAir(room, burning, conditions).oxygenShare
  expect(shareOf(short)).toBeGreaterThan(shareOf(long))
  expect(shareOf(long)).toBeGreaterThan(shareOf(always(3000)) - 1e-9)
})

const gap = fc.double({ min: 0, max: 0.3, noNaN: true })

test('property: opening further never leaves less oxygen or more CO2', () => {
  fc.assert(
    fc.property(gap, gap, gap, fc.double({ min: 200, max: 6000, noNaN: true }), (a, b, more, watts) => {
      const before = plannedAir(small(high(a), low(b)), always(watts), conditions)
      const after = plannedAir(
        small(high(Math.min(0.3, a + more)), low(Math.min(0.3, b + more))),
        always(watts),
        conditions,
      )
      expect(after.oxygenShare).toBeGreaterThanOrEqual(before.oxygenShare - 1e-6)
      expect(after.co2Ppm).toBeLessThanOrEqual(before.co2Ppm + 1)
      expect(after.oxygenShare).toBeGreaterThanOrEqual(0)
    }),
  )
})

test('property: a low and a high opening leave more oxygen than two of the same size on one level', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 0.3, noNaN: true }),
      fc.double({ min: 300, max: 3000, noNaN: true }),
      (openM, watts) => {
        const apart = plannedAir(small(high(openM), low(openM)), always(watts), conditions)
        const level = { ...low(openM), bottomM: 1.6 }
        const beside = plannedAir(small(high(openM), level), always(watts), conditions)
        expect(apart.oxygenShare).toBeGreaterThanOrEqual(beside.oxygenShare)
      },
    ),
  )
})

test('property: following the advice gives good air, whatever was open before', () => {
  const heaters = [heaterGear({ highW: 4000 * BTU_PER_HOUR_W })]
  const judge = ventilationJudge(heaters, conditions)
  fc.assert(
    fc.property(gap, gap, (a, b) => {
      const room = small(door({ alongM: 1 }), high(a), low(b))
      const isGood = (now: Room): boolean => isAirGood(judge(now))
      const { steps, suffices } = planOpenings(room, isGood)
      expect(suffices).toBe(true)
      const openings = room.openings.map((one) => ({
        ...one,
        openM: steps.find(({ openingId }) => openingId === one.id)?.openM ?? one.openM,
      }))
      expect(isGood({ ...room, openings })).toBe(true)
    }),
    { numRuns: 50 },
  )
})

test('which and how far, in inches rounded up; or that nothing is enough', () => {
  const plan = { steps: [{ openingId: 'low', name: 'Left slider', openM: inches(1.9) }], suffices: true }
  expect(formatPhrase(openingsPhrase(plan), 'us').replaceAll('\u00a0', ' ')).toBe('Open Left slider to 2 in.')
  expect(openingsPhrase({ steps: [], suffices: false }).text).toMatch(/^Nothing here opens/)
})

test('what burns together: by the clock of the plan, on high, and a heater that nobody planned alone', () => {
  const panel = heaterGear()
  const second = { ...heaterGear({}, 'second'), applianceId: 'second', name: 'Second' }
  const burns = (id: string, fromH: number) => ({
    id,
    inputW: 100,
    burnPerDayS: 3600,
    habit: { way: 'hours' as const, burnPerDayS: 3600, fromH },
  })
  expect(burningTogether([panel, second], []).names).toHaveLength(1)
  expect(burningTogether([panel, second], [burns('panel', 7), burns('second', 18)]).names).toHaveLength(1)
  const both = burningTogether([panel, second], [burns('panel', 18), burns('second', 18)])
  expect(both.names).toEqual(['Panel heater', 'Second'])
  // Its highest setting counts, whatever the plan says it burns.
  expect(Math.max(...both.inputW)).toBeCloseTo(2 * panel.heater.highW, 9)
})
