import fc from 'fast-check'
import type { DisplayRole } from '@/core/base/quantity'
import { formatForField, formatQuantity } from '@/core/units/formatQuantity'
import { parsePlain } from '@/core/units/parsePlain'

const GALLON_M3 = 0.003785411784
const POUND_KG = 0.45359237

test.each([
  ['3.49', 'pricePerVolume', 3.49 / GALLON_M3],
  ['$3.49', 'pricePerVolume', 3.49 / GALLON_M3],
  ['$ 3.49 per gal', 'pricePerVolume', 3.49 / GALLON_M3],
  ['0,95', 'pricePerMass', 0.95 / POUND_KG],
  ['45', 'money', 45],
  ['50', 'share', 0.5],
  ['50 %', 'share', 0.5],
  ['4/8', 'share', 0.5],
  ['3 / 8', 'share', 0.375],
  ['-5', 'money', -5],
  ['−5', 'money', -5],
  ['minus 5', 'money', -5],
  ['$1,200', 'money', 1200],
  ['$1,200.50', 'money', 1200.5],
  ['1 200', 'money', 1200],
  ['20.', 'share', 0.2],
  ['20 percent', 'share', 0.2],
  ['½', 'share', 0.5],
] as const)('“%s” as %s', (text, role, value) => {
  expect(parsePlain(text, role, 'us')).toBeCloseTo(value, 9)
})

test('metric prices are per liter and kilogram', () => {
  expect(parsePlain('1.20', 'pricePerVolume', 'metric')).toBeCloseTo(1200, 9)
  expect(parsePlain('2.10', 'pricePerMass', 'metric')).toBeCloseTo(2.1, 9)
})

test.each(['', 'half', '1.2.3', '4/0', '1e3', 'NaN', '$'])('“%s” is not a number', (text) => {
  expect(() => parsePlain(text, 'share', 'us')).toThrow(/is not a number/)
})

test('in metric units a comma before three digits is asked about', () => {
  expect(() => parsePlain('1,200', 'money', 'metric', 'price')).toThrow('could mean 1200 or 1.200')
  expect(parsePlain('1,20', 'money', 'metric')).toBe(1.2)
})

test('whatever is shown of them can be typed back', () => {
  for (const role of ['money', 'share', 'pricePerMass', 'pricePerVolume', 'concentration', 'count'] as const) {
    for (const system of ['us', 'metric'] as const) {
      for (const value of [0, 0.25, 0.5, 1, 12, 1234.5, 1_234_567]) {
        const shown = parsePlain(formatQuantity({ value, role }, system), role, system)
        const again = formatQuantity({ value: shown, role }, system)
        expect(again).toBe(formatQuantity({ value, role }, system))
      }
    }
  }
})

test('eighths are a share only', () => {
  expect(() => parsePlain('4/8', 'money', 'us')).toThrow(/is not a number/)
})

test('a role without units is a programming error, not the owner’s', () => {
  expect(() => parsePlain('4', 'temperature', 'us')).toThrow(RangeError)
})

test('money has its sign in front, losses too', () => {
  const shown = (value: number, role: DisplayRole, system: 'us' | 'metric' = 'us') =>
    formatQuantity({ value, role }, system).replaceAll('\u00a0', ' ')
  expect(shown(7.9, 'money')).toBe('$7.90')
  expect(shown(-7.9, 'money')).toBe('−$7.90')
  expect(shown(3.29 / GALLON_M3, 'pricePerVolume')).toBe('$3.29 per gal')
  expect(shown(2.1, 'pricePerMass', 'metric')).toBe('$2.10 per kg')
  expect(shown(0.12 / 3.6e6, 'pricePerEnergy')).toBe('$0.12 per kWh')
  expect(shown(0.14 / 3600, 'pricePerHour')).toBe('$0.14 per hour')
})

test('a field’s text reads back as it was, in both unit systems', () => {
  const role = fc.constantFrom<DisplayRole>('money', 'pricePerVolume', 'pricePerMass', 'share')
  fc.assert(
    fc.property(
      role,
      fc.constantFrom('us' as const, 'metric' as const),
      fc.double({ min: 0, max: 5000, noNaN: true }),
      (as, system, value) => {
        const text = formatForField({ value, role: as }, system)
        // Only one rounding to the field's decimals may be lost.
        expect(formatForField({ value: parsePlain(text, as, system), role: as }, system)).toBe(text)
      },
    ),
  )
})
