import {
  hangingField,
  idField,
  massField,
  monthField,
  nameField,
  noteField,
  priceField,
  reasonField,
  sourceField,
  versionField,
} from '@/services/shared/fields'
import type { z } from '@/core/base/zod'

const complaint = (field: z.ZodType, value: unknown): string | null =>
  field.safeParse(value).error?.issues[0]?.message ?? null

test.each([
  [massField, 17.8],
  [hangingField, 0],
  [nameField, ' Left '],
  [monthField, '2031-03'],
  [priceField, 0.01],
  [noteField, null],
  [sourceField, 'scale'],
  [versionField, 1],
  [idField, 'left'],
] as const)('%#: valid input passes', (field, value) => {
  expect(complaint(field, value)).toBeNull()
})

test.each([
  [massField, 0, /more than zero/],
  [massField, 1e6, /heavier than any cylinder/],
  [massField, NaN, /wants a number/],
  [massField, Infinity, /number/],
  [massField, '17.8', /wants a number/],
  [massField, undefined, /missing/],
  [hangingField, -0.1, /less than zero/],
  [hangingField, 51, /heavier than any hose/],
  [nameField, '   ', /Give it a name/],
  [nameField, 'x'.repeat(61), /at most 60/],
  [reasonField, '', /Say why/],
  [monthField, '2031-13', /from 01 to 12/],
  [monthField, '03-31', /from 01 to 12/],
  [priceField, 0, /more than zero/],
  [priceField, 1e7, /costs that much/],
  [noteField, 'x'.repeat(301), /at most 300/],
  [sourceField, 'guessed', /one of: typed, scale/],
  [versionField, 0, /at least 1/],
  [versionField, 1.5, /whole number/],
  [idField, '', /left empty/],
] as const)('%#: invalid input gets a sentence', (field, value, sentence) => {
  expect(complaint(field, value)).toMatch(sentence)
})

test('names are trimmed', () => {
  expect(nameField.parse('  Left ')).toBe('Left')
})
