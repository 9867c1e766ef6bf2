import fc from 'fast-check'
import { bareRoom, door, window } from '@tests/heat'
import { BTU_PER_HOUR_W, inches, SQUARE_INCH_M2 } from '@tests/tradeUnits'
import { ventilationFlowM3S } from '@/core/heat/air/ventilationFlow'
import { openAreaM2, openingHeightM } from '@/core/heat/ventilation/openings'
import { ventilationCheck } from '@/core/heat/ventilation/ventilationCheck'
import { planOpenings } from '@/core/heat/ventilation/planOpenings'
import type { Opening, Room } from '@/core/heat/room/room'
import { ventilationNeed } from '@/core/heat/ventilation/ventilationNeed'
import { ventilationSlip } from '@/core/heat/ventilation/ventilationSlip'

const squareInches = (areaM2: number): number => areaM2 / SQUARE_INCH_M2
const room = (...openings: Opening[]): Room => bareRoom({ openings })
const other = (change: Partial<Opening> = {}): Opening =>
  window({ id: 'other', name: 'Other window', side: 'right', alongM: 1, ...change })
const vent = (change: Partial<Opening> = {}): Opening =>
  window({ id: 'vent', name: 'Roof vent', kind: 'roof-vent', side: 'roof', widthM: 0.35, heightM: 0.35, ...change })

describe('effective area of an opening', () => {
  test('a window 24 in wide opened ½ in gives 12 in²; ¼ in on each of two gives 12 together', () => {
    expect(squareInches(openAreaM2(window({ openM: inches(0.5) })))).toBeCloseTo(12, 9)
    const quarter = room(window({ openM: inches(0.25) }), other({ openM: inches(0.25) }))
    expect(squareInches(ventilationCheck(quarter, 0).countedM2)).toBeCloseTo(12, 9)
  })
  test('two of them ½ in open satisfy 24 in²', () => {
    const both = room(window({ openM: inches(0.5) }), other({ openM: inches(0.5) }))
    expect(ventilationCheck(both, 24 * SQUARE_INCH_M2)).toMatchObject({ isEnough: true, isTwoWay: true })
    expect(ventilationCheck(both, 24.1 * SQUARE_INCH_M2).isEnough).toBe(false)
  })
  test('a screen passes half, ice a quarter, tape none', () => {
    const areas = (['clear', 'screened', 'iced', 'blocked'] as const).map((condition) =>
      squareInches(openAreaM2(window({ openM: inches(1), condition }))),
    )
    expect(areas.map((area) => Math.round(area * 1e6) / 1e6)).toEqual([24, 12, 6, 0])
  })
  test('it never exceeds the hole', () => {
    expect(squareInches(openAreaM2(window({ openM: 5 })))).toBeCloseTo(24 * 14, 6)
  })
})

describe('two places for the air', () => {
  const wanted = 24 * SQUARE_INCH_M2
  test('area in a single place counts half', () => {
    const one = ventilationCheck(room(window({ openM: inches(1) })), wanted)
    expect(one).toMatchObject({ isTwoWay: false, isEnough: false })
    expect(one.countedM2).toBeCloseTo(one.openM2 / 2, 12)
  })
  test('two windows in one wall at one height are one place; low and high are two, and so are two sides', () => {
    const half = { openM: inches(0.5) }
    const beside = room(window(half), other({ ...half, side: 'left', alongM: 4 }))
    expect(ventilationCheck(beside, wanted).isTwoWay).toBe(false)
    expect(ventilationCheck(room(window(half), vent(half)), wanted).isTwoWay).toBe(true)
    const low = other({ ...half, side: 'left', bottomM: 0.1 })
    expect(ventilationCheck(room(window(half), low), wanted).isTwoWay).toBe(true)
    expect(ventilationCheck(room(window(half), other(half)), wanted).isTwoWay).toBe(true)
  })
  test('a taped opening on the other side does not count', () => {
    const taped = other({ openM: inches(1), condition: 'blocked' })
    expect(ventilationCheck(room(window({ openM: inches(1) }), taped), wanted).isTwoWay).toBe(false)
  })
})

const area =
  (neededM2: number) =>
  (now: Room): boolean =>
    ventilationCheck(now, neededM2).isEnough

describe('how far to open', () => {
  test('two windows of 24 in for 24 in²: half an inch each', () => {
    const { steps, suffices } = planOpenings(room(window(), other()), area(24 * SQUARE_INCH_M2))
    expect(suffices).toBe(true)
    expect(steps.map(({ openingId }) => openingId)).toEqual(['window', 'other'])
    for (const { openM } of steps) expect(openM).toBeCloseTo(inches(0.5), 6)
  })
  test('where one is open already, the other side is opened instead of opening it further', () => {
    const { steps } = planOpenings(room(window({ openM: inches(0.5) }), other()), area(24 * SQUARE_INCH_M2))
    expect(steps.map(({ openingId }) => openingId)).toEqual(['other'])
    expect(steps[0]?.openM).toBeCloseTo(inches(0.5), 6)
  })
  test('a single opening is opened twice as far', () => {
    const { steps } = planOpenings(room(window()), area(24 * SQUARE_INCH_M2))
    expect(steps[0]?.openM).toBeCloseTo(inches(2), 6)
  })
  test('no advice when enough is open; too little with everything open is said', () => {
    expect(planOpenings(room(window({ openM: inches(2) }), other({ openM: inches(2) })), area(0.03)).steps).toEqual([])
    const little = planOpenings(room(window()), area(3))
    expect(little.suffices).toBe(false)
    expect(little.steps.map(({ openM }) => openM)).toEqual([inches(14)])
  })
  test('the door comes last', () => {
    const { steps } = planOpenings(room(door(), window(), other()), area(24 * SQUARE_INCH_M2))
    expect(steps.map(({ openingId }) => openingId)).not.toContain('door')
  })
  test('three windows together before any door', () => {
    const third = window({ id: 'third', side: 'back', alongM: 1 })
    // More than any two windows have, less than all three.
    const all = room(door(), window(), other(), third)
    const { steps, suffices } = planOpenings(all, area(2.5 * 24 * 14 * SQUARE_INCH_M2))
    expect(suffices).toBe(true)
    expect(steps.map(({ openingId }) => openingId)).toEqual(['window', 'other', 'third'])
  })
  test('following the advice is enough, and slightly less is not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.1, noNaN: true }),
        fc.double({ min: 0, max: 0.1, noNaN: true }),
        fc.double({ min: 0.002, max: 0.2, noNaN: true }),
        (a, b, neededM2) => {
          const now = room(window({ openM: a }), other({ openM: b }), vent())
          const { steps, suffices } = planOpenings(now, area(neededM2))
          const opened = now.openings.map((opening) => ({
            ...opening,
            openM: steps.find(({ openingId }) => openingId === opening.id)?.openM ?? opening.openM,
          }))
          expect(ventilationCheck({ ...now, openings: opened }, neededM2).isEnough).toBe(suffices)
        },
      ),
      // A gap that is a hair more than a whole number of steps.
      { examples: [[0.0032808352739884085, 0, 0.002]] },
    )
  })
})

describe('area a heater needs', () => {
  test('the manual’s figure counts; without one, 24 in² per 3,000 BTU/h. [common practice]', () => {
    const need = ventilationNeed(9000 * BTU_PER_HOUR_W, null)
    expect(squareInches(need.areaM2)).toBeCloseTo(72, 6)
    expect(need.from).toBe('common')
    expect(ventilationNeed(9000 * BTU_PER_HOUR_W, 0.01)).toMatchObject({ areaM2: 0.01, from: 'manual' })
  })
  test('worked by hand beside it, after NFPA 54 [from memory]: 12,000 BTU/h', () => {
    // Two to another room: 1 in² per 1,000 would be 12, but 100 at least. Two to outdoors: 12,000 / 4,000 = 3 each.
    // A single one to outdoors: 12,000 / 3,000 = 4.
    const { codes } = ventilationNeed(12_000 * BTU_PER_HOUR_W, null)
    expect(squareInches(codes.twoToRoomM2)).toBeCloseTo(100, 6)
    expect(squareInches(codes.twoToOutdoorsM2)).toBeCloseTo(3, 6)
    expect(squareInches(codes.oneToOutdoorsM2)).toBeCloseTo(4, 6)
    expect(squareInches(ventilationNeed(150_000 * BTU_PER_HOUR_W, null).codes.twoToRoomM2)).toBeCloseTo(150, 4)
  })
  test('missing input and missing area are refused', () => {
    expect(() => ventilationNeed(0, null)).toThrow(/more than zero/)
    expect(() => ventilationNeed(1000, 0)).toThrow(/or nothing where the manual/)
  })
  test('the calculation: open, required, missing', () => {
    const check = ventilationCheck(
      room(window({ openM: inches(0.5) }), other({ openM: inches(0.25) })),
      24 * SQUARE_INCH_M2,
    )
    const slip = ventilationSlip(check, [{ name: 'Panel', need: ventilationNeed(3000 * BTU_PER_HOUR_W, null) }])
    const values = slip.lines.map(({ sign, figure }) => `${sign}${Math.round(squareInches(figure.quantity.value))}`)
    expect(values).toEqual(['12', '+6', '=18', '−24'])
    expect(slip.result.label).toBe('Lacks')
    expect(squareInches(slip.result.figure.quantity.value)).toBeCloseTo(6, 6)
  })
})

describe('air through openings', () => {
  const [inK, outK] = [293.15, 273.15]
  const low = window({
    id: 'low',
    kind: 'floor-vent',
    side: 'floor',
    widthM: 0.1,
    heightM: 0.1,
    openM: 0.1,
    glass: false,
  })
  const high = vent({ widthM: 0.1, heightM: 0.1, openM: 0.1 })

  test('one low and one high: Q = Cd·Ab·√(2·ΔT·g·h/T), BS 5925 table 9 [from memory]', () => {
    const one = room(low, high)
    const area = 0.01 / Math.SQRT2
    const byFormula = 0.61 * area * Math.sqrt((2 * 20 * 9.80665 * 2) / 283.15)
    expect(ventilationFlowM3S(one, 0)(inK, outK)).toBeCloseTo(byFormula, 6)
  })
  test('unlike areas: 1/Ab² = 1/A₁² + 1/A₂²', () => {
    const unlike = room(low, { ...high, openM: 0.05 })
    const area = 1 / Math.sqrt(1 / 0.01 ** 2 + 1 / 0.005 ** 2)
    const byFormula = 0.61 * area * Math.sqrt((2 * 20 * 9.80665 * 2) / 283.15)
    expect(ventilationFlowM3S(unlike, 0)(inK, outK)).toBeCloseTo(byFormula, 6)
  })
  test('one window alone: Q = Cd·A/3·√(g·h·ΔT/T), BS 5925 table 8 [from memory]', () => {
    const single = room(window({ widthM: 0.6, heightM: 0.35, openM: 0.3 }))
    const byFormula = ((0.61 * 0.18) / 3) * Math.sqrt((9.80665 * 0.3 * 20) / 283.15)
    expect(ventilationFlowM3S(single, 0)(inK, outK)).toBeCloseTo(byFormula, 9)
  })
  test('wind: one side 0.025·A·U, two sides Cd·Aw·U·√ΔCp; the greater of wind and buoyancy counts', () => {
    const half = { openM: 0.1 }
    const single = ventilationFlowM3S(room(window(half)), 4)(inK, inK)
    expect(single).toBeCloseTo(0.025 * inches(24) * 0.1 * 4, 9)
    const across = ventilationFlowM3S(room(window(half), other(half)), 4)(inK, inK)
    expect(across).toBeCloseTo(0.61 * ((inches(24) * 0.1) / Math.SQRT2) * 4 * Math.sqrt(0.6), 9)
    expect(ventilationFlowM3S(room(low, high), 0.01)(inK, outK)).toBe(ventilationFlowM3S(room(low, high), 0)(inK, outK))
  })
  test('no wind and no temperature difference move no air; closed openings neither', () => {
    expect(ventilationFlowM3S(room(low, high), 0)(inK, inK)).toBe(0)
    expect(ventilationFlowM3S(room(window()), 0)(inK, outK)).toBe(0)
  })
  test('a vent’s height is that of the ceiling, a window’s that of its gap', () => {
    expect(openingHeightM(room(), high)).toBe(2)
    expect(openingHeightM(room(), low)).toBe(0)
    expect(openingHeightM(room(), window({ openM: 0.2 }))).toBeCloseTo(1, 9)
  })
})
