import fc from 'fast-check'
import { InputError } from '@/core/base/InputError'
import { type Dimension, type DisplayRole } from '@/core/base/quantity'
import { displayRoles, unitSystems } from '@/core/units/displayRoles'
import { formatForField, formatMixedMass, formatQuantity } from '@/core/units/formatQuantity'
import { fromUnit, toUnit } from '@/core/units/convert'
import { parseQuantity } from '@/core/units/parseQuantity'
import { unitTable } from '@/core/units/unitTable'
import { displayLoss } from './displayLoss'

const POUND = 0.45359237

function refusal(text: string, dimension: Dimension, defaultUnit?: string): string {
  try {
    parseQuantity(text, dimension, { defaultUnit, path: 'field' })
  } catch (error) {
    if (error instanceof InputError) {
      expect(error.issues[0]?.path).toBe('field')
      return error.message
    }
    throw error
  }
  throw new Error(`“${text}” was accepted`)
}

describe('what owners type', () => {
  test.each<[string, Dimension, number]>([
    ['31.4 lb', 'mass', 31.4 * POUND],
    ['31.4lbs.', 'mass', 31.4 * POUND],
    ['1 lb 11.6 oz', 'mass', (27.6 / 16) * POUND],
    ['1lb11.6oz', 'mass', (27.6 / 16) * POUND],
    ['1 Pound, 11.6 ounces'.replace(',', ''), 'mass', (27.6 / 16) * POUND],
    ['14.6 oz', 'mass', (14.6 / 16) * POUND],
    ['17 kg', 'mass', 17],
    ['17,5 kg', 'mass', 17.5],
    ['0,500 kg', 'mass', 0.5],
    ['3 kg 250 g', 'mass', 3.25],
    ['½ lb', 'mass', POUND / 2],
    ['11 inWC', 'gaugePressure', 11 * 249.082],
    ['11 in. W.C.', 'gaugePressure', 11 * 249.082],
    ['-2 psi', 'gaugePressure', -2 * 6894.757293168],
    ['188.6 psia', 'pressure', 188.6 * 6894.757293168],
    ['27.4 mbar', 'gaugePressure', 2740],
    [`8'2"`, 'length', 98 * 0.0254],
    ['8 ft 2 in', 'length', 98 * 0.0254],
    ['8′2″', 'length', 98 * 0.0254],
    ['1 1/2 in', 'length', 1.5 * 0.0254],
    ['1-1/2 in', 'length', 1.5 * 0.0254],
    ['1½"', 'length', 1.5 * 0.0254],
    ['3/8 in', 'length', 0.375 * 0.0254],
    [`8'2 1/2"`, 'length', 98.5 * 0.0254],
    ['2 m 5 cm', 'length', 2.05],
    ['-9 °C', 'temperature', 264.15],
    ['−9 °C', 'temperature', 264.15],
    ['52F', 'temperature', 284.2611111],
    ['-44 deg F', 'temperature', 230.9277778],
    ['300 K', 'temperature', 300],
    ['9,000 BTU/h', 'power', (9000 * 1055.05585262) / 3600],
    ['9000 btu', 'power', (9000 * 1055.05585262) / 3600],
    ['2.6 kW', 'power', 2600],
    ['4.7 gal', 'volume', 4.7 * 0.003785411784],
    ['24 sq in', 'area', 24 * 0.00064516],
    ['24 in²', 'area', 24 * 0.00064516],
    ['100 kWh', 'energy', 3.6e8],
    ['2.5 h', 'duration', 9000],
    ['1 h 30 min', 'duration', 5400],
  ])('%s', (text, dimension, expected) => {
    expect(parseQuantity(text, dimension)).toBeCloseTo(expected, 6)
  })

  test('a bare number takes the unit of its field', () => {
    expect(parseQuantity('31.4', 'mass', { defaultUnit: 'lb' })).toBeCloseTo(31.4 * POUND, 12)
    expect(parseQuantity('-9', 'temperature', { defaultUnit: 'C' })).toBeCloseTo(264.15, 10)
    expect(parseQuantity('1,500', 'power', { defaultUnit: 'btuh' })).toBeCloseTo(fromUnit(1500, 'power', 'btuh'), 9)
  })
})

describe('what is refused, and with which words', () => {
  test.each<[string, Dimension, RegExp]>([
    ['', 'mass', /^Enter the weight/],
    ['twelve lb', 'mass', /does not begin with a number/],
    ['lb 12', 'mass', /does not begin with a number/],
    ['31.4', 'mass', /31\.4 of what\?/],
    ['31.4 stone', 'mass', /“stone” is not a unit of weight/],
    ['5 gallons', 'mass', /That is a volume/],
    ['20 lb', 'volume', /That is a weight/],
    ['-3 lb', 'mass', /cannot be negative/],
    ['1 lb 200 g', 'mass', /lb and g do not go together/],
    ['11.6 oz 1 lb', 'mass', /oz and lb do not go together/],
    ['1 lb 11.6', 'mass', /11\.6 at the end has no unit/],
    ['1 lb 116 oz', 'mass', /116 oz is 1 lb or more by itself/],
    ['1,500 kg', 'mass', /could mean 1500 or 1\.500/],
    ['1.2.3 lb', 'mass', /“\.3 lb”|not a unit|has no unit|begin with a number/],
    ['1/0 in', 'length', /nothing can be divided by 0/],
    ['11 psig', 'pressure', /wants absolute pressure/],
    ['188 psia', 'gaugePressure', /wants what a gauge shows/],
    ['1e5 W', 'power', /“e5” is not a unit|is not a unit/],
    ['NaN lb', 'mass', /does not begin with a number/],
    ['<b>1</b> lb', 'mass', /does not begin with a number/],
  ])('%s', (text, dimension, sentence) => {
    expect(refusal(text, dimension)).toMatch(sentence)
  })

  test('any typed text gives a number or a sentence, never another error', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 30 }),
        fc.constantFrom(...(Object.keys(unitTable) as Dimension[])),
        (text, dimension) => {
          try {
            expect(Number.isFinite(parseQuantity(text, dimension, { defaultUnit: undefined }))).toBe(true)
          } catch (error) {
            expect(error).toBeInstanceOf(InputError)
            expect((error as InputError).message.length).toBeGreaterThan(10)
          }
        },
      ),
      { numRuns: 2000 },
    )
  })
})

describe('round trips', () => {
  const measured = (Object.keys(displayRoles) as DisplayRole[]).flatMap((role) => {
    const shown = displayRoles[role]
    return shown.dimension === null ? [] : [{ role, shown, dimension: shown.dimension }]
  })

  test('a shown number reads back as the same number, to the decimals shown, in both unit systems', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...measured),
        fc.constantFrom(...unitSystems),
        fc.double({ min: 0, max: 5e6, noNaN: true }),
        ({ role, shown, dimension }, system, number) => {
          const { unit } = shown[system]
          const value = fromUnit(number, dimension, unit)
          const back = parseQuantity(formatQuantity({ value, role }, system), dimension)
          expect(Math.abs(toUnit(back, dimension, unit) - number)).toBeLessThanOrEqual(
            displayLoss(shown[system], number) + number * 1e-12,
          )
        },
      ),
    )
  })

  test('a field’s text reads back as typed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...measured),
        fc.constantFrom(...unitSystems),
        fc.integer({ min: 0, max: 99_999 }),
        ({ role, shown, dimension }, system, tenths) => {
          const { unit, decimals } = shown[system]
          // Inches are typed in tenths; more decimals come from centimeters.
          const typed = tenths / (unit === 'in' && role === 'length' ? 10 : 10 ** (decimals + 1))
          const value = fromUnit(typed, dimension, unit)
          expect(Number(formatForField({ value, role }, system))).toBeCloseTo(typed, 9)
        },
      ),
    )
  })

  test('pounds and ounces', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), (tenthOunces) => {
        const massKg = (tenthOunces / 160) * POUND
        expect(parseQuantity(formatMixedMass(massKg), 'mass')).toBeCloseTo(massKg, 9)
      }),
    )
    expect(formatMixedMass((31.97 / 16) * POUND)).toBe('2 lb 0.0 oz')
    expect(formatMixedMass((27.6 / 16) * POUND)).toBe('1 lb 11.6 oz')
  })

  test('every unit converts there and back', () => {
    for (const [dimension, { units }] of Object.entries(unitTable) as [Dimension, (typeof unitTable)[Dimension]][]) {
      for (const key of Object.keys(units)) {
        expect(toUnit(fromUnit(123.456, dimension, key), dimension, key)).toBeCloseTo(123.456, 9)
      }
    }
  })
})
