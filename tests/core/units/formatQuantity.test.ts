import { formatPhrase, formatQuantity, quantityParts } from '@/core/units/formatQuantity'
import { fromUnit } from '@/core/units/convert'
import { unitOf } from '@/core/units/unitTable'
import { roundTo } from '@/core/units/roundTo'

const plain = (text: string): string => text.replaceAll('\u00a0', ' ')

test('numbers in trade units', () => {
  const mass = { value: fromUnit(31.4, 'mass', 'lb'), role: 'cylinderMass' } as const
  expect(plain(formatQuantity(mass, 'us'))).toBe('31.4 lb')
  expect(plain(formatQuantity(mass, 'metric'))).toBe('14.24 kg')
  expect(plain(formatQuantity({ value: fromUnit(13, 'mass', 'oz'), role: 'bottleMass' }, 'us'))).toBe('13.0 oz')
  expect(plain(formatQuantity({ value: fromUnit(9000, 'power', 'btuh'), role: 'power' }, 'us'))).toBe('9,000 BTU/h')
  expect(plain(formatQuantity({ value: 264.15, role: 'temperature' }, 'metric'))).toBe('−9 °C')
  expect(plain(formatQuantity({ value: 0.7927, role: 'share' }, 'us'))).toBe('79 %')
})

test('metric thousands are separated by a thin space, so that no comma can be misread', () => {
  expect(quantityParts({ value: 2410, role: 'altitude' }, 'metric')).toEqual({ number: '2\u202f410', unit: 'm' })
})

test('zero is never shown as minus zero', () => {
  expect(quantityParts({ value: -0.001, role: 'cylinderMass' }, 'us').number).toBe('0.0')
  expect(roundTo(-0.4, 0)).toBe(0)
  expect(roundTo(1.005, 2)).toBe(1.01)
  expect(roundTo(-2.5, 0)).toBe(-3)
})

test('a phrase shows its numbers in the reader’s units', () => {
  const phrase = { text: 'Short by {short}.', parts: { short: { value: 1, role: 'cylinderMass' } } } as const
  expect(plain(formatPhrase(phrase, 'us'))).toBe('Short by 2.2 lb.')
  expect(plain(formatPhrase(phrase, 'metric'))).toBe('Short by 1.00 kg.')
  expect(() => formatPhrase({ text: '{missing}' }, 'us')).toThrow(/missing/)
  expect(formatPhrase({ text: '{name} is full.', parts: { name: '{short} $& <b>' } }, 'us')).toBe(
    '{short} $& <b> is full.',
  )
})

test('a unit missing from the table is a programming error', () => {
  expect(() => unitOf('mass', 'stone')).toThrow(RangeError)
})
