import fc from 'fast-check'
import { InputError } from '@/core/base/InputError'
import { pressureDrop } from '@/core/hookup/flow/pressureDrop'
import { uTubeGaugePa } from '@/core/leak-test/hold/uTube'
import { fromUnit } from '@/core/units/convert'

const btuh = (number: number): number => fromUnit(number, 'power', 'btuh')
const inch = (number: number): number => fromUnit(number, 'length', 'in')
const feet = (number: number): number => fromUnit(number, 'length', 'ft')
const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')

/** Largest heat flow through a run at a drop of half an inch of water, by bisection. */
function capacityW(boreIn: number, lengthFt: number): number {
  let [low, high] = [0, btuh(2e6)]
  for (let i = 0; i < 60; i += 1) {
    const flowW = (low + high) / 2
    const run = { flowW, insideDiameterM: inch(boreIn), lengthM: feet(lengthFt), inletGaugePa: inWC(11) }
    if (pressureDrop(run).dropPa < inWC(0.5)) low = flowW
    else high = flowW
  }
  return low
}

// NFPA 54, propane in schedule 40 pipe, 11 in WC before it and 0.5 in WC lost, thousands of BTU/h. [from memory]
test.each([
  ['1/2 in', 0.622, 10, 291],
  ['1/2 in', 0.622, 20, 200],
  ['1/2 in', 0.622, 30, 160],
  ['1/2 in', 0.622, 40, 137],
  ['3/4 in', 0.824, 10, 608],
  ['3/4 in', 0.824, 20, 418],
  ['3/4 in', 0.824, 30, 336],
  ['3/4 in', 0.824, 40, 287],
])('%s pipe (%f) of %i ft passes %i thousand BTU/h', (_, boreIn, lengthFt, thousands) => {
  expect(capacityW(boreIn, lengthFt) / btuh(1000) / thousands).toBeGreaterThan(0.97)
  expect(capacityW(boreIn, lengthFt) / btuh(1000) / thousands).toBeLessThan(1.03)
})

test('the two equations agree where they meet, at small drops and the same absolute pressure', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 60, noNaN: true }),
      fc.double({ min: 0.3, max: 0.8, noNaN: true }),
      (thousands, boreIn) => {
        const run = { flowW: btuh(thousands * 1000), insideDiameterM: inch(boreIn), lengthM: feet(2) }
        // Lower air pressure, so that 1.5 psi above it equals 11 in WC at sea level.
        const high = pressureDrop({ ...run, inletGaugePa: psi(1.5), atmospherePa: 101325 + inWC(11) - psi(1.5) })
        const low = pressureDrop({ ...run, inletGaugePa: psi(1.499) })
        expect(high.regime).toBe('high')
        expect(low.regime).toBe('low')
        if (low.dropPa < inWC(2)) expect(high.dropPa / low.dropPa).toBeCloseTo(1, 1)
      },
    ),
  )
})

test('in thin air the low-pressure drop grows as the gas grows thinner: a third more at 75 kPa', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 60_000, max: 101_325, noNaN: true }),
      fc.double({ min: 1000, max: 15_000, noNaN: true }),
      (atmospherePa, flowW) => {
        const run = { flowW, insideDiameterM: inch(0.311), lengthM: feet(10), inletGaugePa: inWC(11) }
        const [sea, high] = [pressureDrop(run), pressureDrop({ ...run, atmospherePa })]
        if (!high.carries) return
        expect(high.dropPa / sea.dropPa).toBeCloseTo((101_325 + inWC(11)) / (atmospherePa + inWC(11)), 9)
      },
    ),
  )
})

test('more flow, a longer run, a narrower bore never lose less; a size that cannot carry it says so', () => {
  const run = { flowW: btuh(30_000), insideDiameterM: inch(0.311), lengthM: feet(10), inletGaugePa: inWC(11) }
  const lost = (change: Partial<typeof run>): number => pressureDrop({ ...run, ...change }).dropPa
  expect(lost({ flowW: btuh(40_000) })).toBeGreaterThan(lost({}))
  expect(lost({ lengthM: feet(20) })).toBeCloseTo(2 * lost({}), 6)
  expect(lost({ insideDiameterM: inch(0.25) })).toBeGreaterThan(lost({}))
  expect(lost({ flowW: 0 })).toBe(0)
  expect(pressureDrop({ ...run, flowW: btuh(900_000) })).toMatchObject({ carries: false, dropPa: inWC(11) })
  expect(pressureDrop({ ...run, flowW: 9e6, inletGaugePa: psi(2) })).toMatchObject({ carries: false, regime: 'high' })
})

test.each([
  ['lengthM', { lengthM: 0 }],
  ['insideDiameterM', { insideDiameterM: 0 }],
  ['flowW', { flowW: -1 }],
  ['flowW', { flowW: Number.NaN }],
  ['inletGaugePa', { inletGaugePa: 0 }],
  ['atmospherePa', { atmospherePa: 0 }],
])('refused at %s: %j', (path, change) => {
  const run = { flowW: 1000, insideDiameterM: 0.01, lengthM: 1, inletGaugePa: 2700 }
  try {
    pressureDrop({ ...run, ...change })
    throw new Error('accepted')
  } catch (error) {
    expect(error).toBeInstanceOf(InputError)
    expect((error as InputError).issues[0]?.path).toBe(path)
  }
})

// Hydrostatics: the difference of the columns, whatever their zero.
test('5.5 up and 5.5 down reads 11.0 in WC, on a ruler as well; swapped columns are refused', () => {
  expect(uTubeGaugePa(inch(5.5), -inch(5.5)) / inWC(1)).toBeCloseTo(11, 9)
  expect(uTubeGaugePa(inch(14.5), inch(3.5)) / inWC(1)).toBeCloseTo(11, 9)
  expect(() => uTubeGaugePa(inch(3.5), inch(14.5))).toThrow(/wrong way round/)
  expect(() => uTubeGaugePa(200, 0)).toThrow(/No tube is so long/)
})
