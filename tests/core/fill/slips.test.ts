import fc from 'fast-check'
import { bottleGear, co2Gear, cylinderGear } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import { contents } from '@/core/cylinders/contents/contents'
import { fillLimitBasis, gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { levelSlip } from '@/core/cylinders/contents/levelSlip'
import { onboardSlip } from '@/core/fill/onboardSlip'
import { pumpSlip } from '@/core/fill/pumpSlip'
import { stopWeightSlip } from '@/core/fill/stopWeightSlip'
import { basis } from '@/core/rules/basis/basis'
import type { Slip, SlipLine } from '@/core/rules/figure'

/** Recalculates a calculation from its signs, as by hand. */
function byHand(lines: readonly SlipLine[]): number {
  return lines.reduce((sum, { sign, figure }) => {
    const { value } = figure.quantity
    switch (sign) {
      case '':
        return value
      case '+':
        return sum + value
      case '−':
        return sum - value
      case '×':
        return sum * value
      case '÷':
        return sum / value
      case '=':
        expect(value).toBeCloseTo(sum, 9)
        return value
    }
  }, 0)
}

function everyLine({ lines, result, further }: Slip): void {
  for (const { figure } of [...lines, result, ...further]) {
    expect(Object.keys(basis)).toContain(figure.basis)
    expect(Number.isFinite(figure.quantity.value)).toBe(true)
  }
}

const kelvin = fc.double({ min: 240, max: 320, noNaN: true })

describe('slips agree with a calculation by hand', () => {
  test('stop weight: tare, limit, vapor in an empty one, attachments', () => {
    const gear = fc.constantFrom(cylinderGear(), bottleGear(), co2Gear())
    const hanging = fc.double({ min: 0, max: 3, noNaN: true })
    fc.assert(
      fc.property(gear, hanging, fc.constantFrom(1, 0.75), kelvin, (one, hangingKg, share, liquidTemperatureK) => {
        const { slip, stopKg } = stopWeightSlip(one, { hangingKg, grossKg: null, liquidTemperatureK, share })
        expect(byHand(slip.lines)).toBeCloseTo(stopKg, 9)
        everyLine(slip)
      }),
    )
  })

  test('the rest is what the scale lacks, and 0 once it is over', () => {
    fc.assert(
      fc.property(fc.double({ min: 8.2, max: 18, noNaN: true }), (grossKg) => {
        const { slip, stopKg } = stopWeightSlip(cylinderGear(), {
          hangingKg: 0,
          grossKg,
          liquidTemperatureK: 290,
          share: 1,
        })
        const toGo = slip.further.find(({ label }) => label === 'To go')?.figure.quantity.value ?? NaN
        expect(toGo).toBeCloseTo(Math.max(0, stopKg - grossKg), 9)
      }),
    )
  })

  test('stopped on its mark a cylinder is full and never overfilled', () => {
    const gear = fc.constantFrom(cylinderGear(), bottleGear(), co2Gear())
    fc.assert(
      fc.property(gear, fc.double({ min: 0, max: 2, noNaN: true }), (one, hangingKg) => {
        const { stopKg } = stopWeightSlip(one, { hangingKg, grossKg: null, liquidTemperatureK: 288, share: 1 })
        const gas = one.kind === 'co2' ? 'co2' : 'propane'
        const held = contents({ ...one, gas, grossKg: stopKg, hangingKg })
        expect(held.fractionOfLimit).toBeCloseTo(1, 6)
        expect(held.overfilled).toBe(false)
      }),
    )
  })

  test('at the pump: level minus contents; never past the weight limit', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 8, noNaN: true }), kelvin, (aboardKg, liquidTemperatureK) => {
        const { slip } = pumpSlip(cylinderGear(), aboardKg, liquidTemperatureK)
        const [, , holds, aboard, room] = slip.lines.map(({ figure }) => figure.quantity.value)
        expect(holds ?? NaN).toBeLessThanOrEqual(gearLimitKg(cylinderGear()) + 1e-9)
        expect(room).toBeCloseTo(Math.max(0, (holds ?? NaN) - (aboard ?? NaN)), 9)
        everyLine(slip)
      }),
    )
  })

  test('an onboard tank: volume × 80 % − contents, and the cost', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(share, fc.double({ min: 5, max: 400, noNaN: true }), (shown, waterCapacityKg) => {
        const slip = onboardSlip({ waterCapacityKg, shown, fullMark: 'usable', learnedM3: null, pricePerM3: 900 })
        const takes = slip.result.figure.quantity.value
        expect(byHand(slip.lines)).toBeCloseTo(takes, 9)
        expect(byHand([{ sign: '', label: '', figure: slip.result.figure }, ...slip.further])).toBeCloseTo(
          takes * 900,
          6,
        )
        everyLine(slip)
      }),
    )
  })

  test('by level: volume × share, with the vapor above it', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.95, noNaN: true }), kelvin, (level, temperatureK) => {
        const slip = levelSlip(cylinderGear(), level, temperatureK, 'height-level')
        byHand(slip.lines)
        const [liquid, vapor] = slip.result.figure.inputs.map(({ quantity }) => quantity.value)
        expect((liquid ?? 0) + (vapor ?? 0)).toBeCloseTo(slip.result.figure.quantity.value, 9)
        expect(vapor).toBeGreaterThan(0)
        everyLine(slip)
      }),
    )
  })
})

test('a fill carried through: from empty, to the mark, over it', () => {
  const gear = cylinderGear()
  const { stopKg } = stopWeightSlip(gear, { hangingKg: 0, grossKg: null, liquidTemperatureK: 288, share: 1 })
  const at = (grossKg: number) => contents({ ...gear, gas: 'propane', grossKg })
  expect(at(gear.tareKg).netKg).toBe(0)
  expect(at(stopKg).overfilled).toBe(false)
  expect(at(stopKg + 0.3 * POUND_KG).overfilled).toBe(true)
})

test.each([
  ['propane', null, 9.07, 'fill-limit-propane'],
  ['propane', 0.465, 0.465, 'fill-limit-label'],
  ['propane', 0.465, 0.4, 'fill-limit-propane'],
  ['co2', null, 2.27, 'fill-limit-co2'],
] as const)('a limit of %s with label %s at %d kg cites %s', (gas, labelNetKg, limitKg, basis) => {
  expect(fillLimitBasis(gas, labelNetKg, limitKg)).toBe(basis)
})
