import fc from 'fast-check'
import { InputError } from '@/core/base/InputError'
import { readNumber, readTerms, tidyQuantityText } from '@/core/units/parseQuantity'
import { unitTable } from '@/core/units/unitTable'
import { roundTo } from '@/core/units/roundTo'
import type { Dimension } from '@/core/base/quantity'

describe('normalizing', () => {
  test.each([
    ['  31.4   LB ', '31.4 lb'],
    ['1½ in', '1 1/2 in'],
    ['8′2″', `8'2"`],
    [`8''`, '8"'],
    ['−9 ºC', '-9 °c'],
    ['24 in²', '24 in2'],
    ['2\u202f640 W', '2640 w'],
    ['1 500 g', '1 500 g'],
  ])('%s', (text, tidy) => {
    expect(tidyQuantityText(text)).toBe(tidy)
  })

  test('normalizing twice changes nothing more', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const once = tidyQuantityText(text)
        expect(tidyQuantityText(once)).toBe(once)
      }),
    )
  })
})

describe('terms', () => {
  test.each<[string, Dimension, [string, string | null][]]>([
    [
      '1 lb 11.6 oz',
      'mass',
      [
        ['1', 'lb'],
        ['11.6', 'oz'],
      ],
    ],
    ['31.4', 'mass', [['31.4', null]]],
    ['11 in wc', 'gaugePressure', [['11', 'inWC']]],
    ['11 in. w.c.', 'gaugePressure', [['11', 'inWC']]],
    [
      `8'2 1/2"`,
      'length',
      [
        ['8', 'ft'],
        ['2 1/2', 'in'],
      ],
    ],
    ['3 m', 'length', [['3', 'm']]],
    ['3 mm', 'length', [['3', 'mm']]],
    ['9,000 btu/h', 'power', [['9,000', 'btuh']]],
    ['9 btu per hour', 'power', [['9', 'btuh']]],
    ['2 cu ft', 'volume', [['2', 'ft3']]],
    ['2 us gal', 'volume', [['2', 'gal']]],
  ])('%s', (text, dimension, terms) => {
    expect(readTerms(text, dimension, '')).toEqual(terms.map(([numberText, unitKey]) => ({ numberText, unitKey })))
  })

  test('every spelling of every unit is read as that unit, and as no other', () => {
    for (const [dimension, { units }] of Object.entries(unitTable) as [Dimension, (typeof unitTable)[Dimension]][]) {
      for (const [key, { spellings }] of Object.entries(units)) {
        for (const spelling of spellings) {
          expect(readTerms(`5 ${spelling}`, dimension, '')).toEqual([{ numberText: '5', unitKey: key }])
          expect(readTerms(`5${spelling}`, dimension, '')).toEqual([{ numberText: '5', unitKey: key }])
        }
      }
    }
  })

  test('a unit is not read out of the beginning of another word', () => {
    expect(() => readTerms('5 lbx', 'mass', 'field')).toThrow(/“lbx” is not a unit/)
    expect(() => readTerms('5 good', 'mass', 'field')).toThrow(InputError)
  })
})

describe('numbers', () => {
  test.each<[string, 'us' | 'metric', number]>([
    ['31.4', 'us', 31.4],
    ['17,5', 'metric', 17.5],
    ['.5', 'us', 0.5],
    ['9,000', 'us', 9000],
    ['1,234,567', 'metric', 1234567],
    ['1,234.5', 'metric', 1234.5],
    ['0,500', 'metric', 0.5],
    ['3/8', 'us', 0.375],
    ['1 1/2', 'us', 1.5],
    ['1-1/2', 'us', 1.5],
  ])('%s in %s is %d', (text, family, value) => {
    expect(readNumber(text, { family }, '')).toBeCloseTo(value, 12)
  })

  test('an ambiguous comma is refused with both readings', () => {
    expect(() => readNumber('1,500', { family: 'metric' }, 'field')).toThrow('“1,500” could mean 1500 or 1.500')
    expect(readNumber('1,500', { family: 'metric', inThousands: true }, '')).toBe(1500)
    expect(() => readNumber('9.000', { family: 'us', inThousands: true }, 'field')).toThrow(
      '“9.000” could mean 9000 or 9.',
    )
    expect(readNumber('9.000', { family: 'us' }, '')).toBe(9)
    expect(readNumber('0.125', { family: 'us', inThousands: true }, '')).toBe(0.125)
  })
})

test('rounding is odd: negatives mirror positives; and it never moves a number by more than half a step', () => {
  fc.assert(
    fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), fc.integer({ min: -3, max: 6 }), (value, decimals) => {
      const rounded = roundTo(value, decimals)
      expect(roundTo(-value, decimals)).toBeCloseTo(-rounded, 9)
      expect(Math.abs(rounded - value)).toBeLessThanOrEqual(0.5 * 10 ** -decimals * (1 + 1e-6))
    }),
  )
})
