import { change, edited, outside } from '@tests/lines'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { checkLine } from '@/core/hookup/checks/checkLine'
import { partsWithoutPlace } from '@/core/hookup/checks/placeFindings'
import { lineSchema, type Line } from '@/core/hookup/line/line'

const conditions = { temperatureK: 288.7, atmospherePa: 101_325, untilMonth: '2026-12' }
const codes = (line: Line): string[] => checkLine('line', line, conditions).findings.map(({ code }) => code)

test.each(readyMadeLines)('$name: no template says where a part stands, and that is asked', ({ line }) => {
  expect(new Set(line.parts.map(({ place }) => place))).toEqual(new Set(['not-known']))
  expect(codes(line)).toContain('place-not-known')
  expect(codes(outside(line))).not.toContain('place-not-known')
})

test('a line read without places does not become one that stands outside', () => {
  const { parts } = lineSchema.parse({ parts: [{ id: 'left', typeId: 'cylinder-both' }], joints: [] })
  expect(parts[0]?.place).toBe('not-known')
})

test('only what holds cylinder pressure is asked about: cylinders, pigtails, and what stands before the regulator', () => {
  const start = readyMadeLines.find(({ id }) => id === 'two-cylinders')
  if (!start) throw new Error('no such line')
  const asked = (line: Line): string[] =>
    partsWithoutPlace(checkLine('line', line, conditions)).map(({ part }) => part.id)
  expect(asked(start.line).toSorted()).toEqual(['changeover', 'left', 'left-pigtail', 'right', 'right-pigtail'])
  expect(asked(edited(start.line, change('left', { place: 'locker' })))).not.toContain('left')
})
