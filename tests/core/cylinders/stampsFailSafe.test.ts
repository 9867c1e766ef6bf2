import fc from 'fast-check'
import { requalificationOfStamps } from '@/core/cylinders/dates/requalificationOfStamps'
import { readSpecification } from '@/core/cylinders/stamps/readSpecification'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import { dateRuleSets } from '@/core/rules/dateRules'

const ON = '2026-11-24'
type Asked = Partial<Parameters<typeof requalificationOfStamps>[0]>
const ask = (stamps: string, more: Asked = {}) =>
  requalificationOfStamps({ stamps, ruleSet: 'us-dot', on: ON, ...more })
const read = (text: string) => readStamps(text, '2026-11')
const issues = (text: string) => read(text).parts.flatMap(({ issue }) => issue ?? [])

describe('throw-away cylinders, in every spelling', () => {
  test.each([
    'DOT-39',
    'DOT39',
    'dot 39 nrc 228/286',
    'DOT-39 NRC',
    'DOT-39M',
    'TC-39M',
    'TC-39M 17',
    'TC 39',
    'CTC-39M',
    'ICC-39',
    '39 NRC',
    '39M NRC',
    'DOT-2Q',
    'DOT-2P1',
    'NRC',
    'NON-REFILLABLE',
    'DO NOT REFILL',
  ])('%s', (specification) => {
    for (const { id } of dateRuleSets) {
      expect(ask(`${specification} 05-20`, { ruleSet: id })).toMatchObject({ status: 'not-refillable', dueMonth: null })
    }
  })
})

describe('composites, by specification, by words and by their label', () => {
  test.each(['DOT-SP13957', 'DOT SP 13957', 'TC-SU 5594', 'ISO 11119-3', 'EN 12245', 'COMPOSITE', 'fiberglass', 'FRP'])(
    '%s has no date without its label',
    (specification) => {
      expect(ask(`${specification} 05-20`)).toMatchObject({ status: 'unknown', dueMonth: null })
      expect(ask(`${specification} 05-20`, { labelIntervalMonths: 60 }).dueMonth).toBe('2025-05')
    },
  )
  test('a label alone makes it one; past the end of its life it is over', () => {
    expect(ask('05-20', { labelIntervalMonths: 60, endOfLifeMonth: '2024-05' })).toMatchObject({
      status: 'overdue',
      dueMonth: '2024-05',
    })
    expect(ask('DOT-4BA240 05-20', { endOfLifeMonth: '2024-05' })).toMatchObject({ status: 'overdue' })
  })
})

test.each(['DOT-4XZ240', 'DOT-5A', 'TC-9K17', 'UN 1965', 'DOT-E', 'ISO 4706'])(
  'a specification that is not understood, %s, gives no date, and stays as it was typed',
  (specification) => {
    const reading = read(`${specification} 05-20`)
    if (reading.specification === null) return expect(specification).toBe('DOT-E')
    expect(readSpecification(reading.specification)).toBeNull()
    expect(ask(`${specification} 05-20`)).toMatchObject({ status: 'unknown', dueMonth: null })
  },
)

describe('letters', () => {
  test('a word for the letter is read; one that is not read takes the shortest interval', () => {
    expect(ask('06-11 05-24 visual').dueMonth).toBe('2029-05')
    expect(ask('06-11 05-24 proof test').dueMonth).toBe('2031-05')
    expect(ask('06-11 05-24').dueMonth).toBe('2036-05')
    expect(ask('06-11 05-24 Zeichen')).toMatchObject({ dueMonth: '2029-05', unread: ['Zeichen'] })
    expect(read('06-11 05-24 Zeichen').marks).toEqual([{ month: '2024-05', letter: '?', requalifier: null }])
  })
  test('one way to give them out is taken, two are asked about', () => {
    expect(issues('03-00 04-12 E 06-17').join()).toMatch(/either date beside it/)
    expect(() => ask('03-00 04-12 E 06-17')).toThrow(/either date/)
    expect(ask('03-00 04-12 06-17E').dueMonth).toBe('2022-06')
    expect(read('03-00 04-12 S 06-17 E').marks.map(({ letter }) => letter)).toEqual(['S', 'E'])
    expect(read('03-00 S 04-12 E 06-17').marks.map(({ letter }) => letter)).toEqual(['S', 'E'])
    // Made first, so that the letter belongs to the mark.
    expect(read('06-11 E 05-25').marks).toMatchObject([{ month: '2025-05', letter: 'E' }])
  })
})

describe('months as people write them', () => {
  test.each([
    ['MAR 2020', '2020-03'],
    ['DEC-19', '2019-12'],
    ['Sept. 2018', '2018-09'],
    ['2020 March', '2020-03'],
    ['MFG JUN/2011', '2011-06'],
  ])('%s', (text, month) => {
    expect(read(text).manufacturedMonth).toBe(month)
    expect(read(`TW 17.8 ${text} WC 47.6`).manufacturedMonth).toBe(month)
  })
  test.each(['0320', '4 05'])('%s may be a date: it is asked', (text) => {
    expect(issues(text).join()).toMatch(/^Is this \d+ of the year \d\d\?/)
    expect(read(text).manufacturedMonth).toBeNull()
  })
  test.each(['06-11 05 ■A123■ 25E', '06-11 05•A123•25E', '06-11 05 [A123] 25E'])(
    'a requalifier’s number in its frame: %s',
    (text) => {
      expect(read(text).marks).toEqual([{ month: '2025-05', letter: 'E', requalifier: 'A123' }])
    },
  )
})

test.each(['WC 6 GAL', 'W.C. 6 gal.', 'WATER CAPACITY 6 US GALLONS', '6 WG', 'WC: 6 U.S. GAL'])(
  '%s is gallons of water, not pounds',
  (text) => {
    expect(read(text).waterCapacityKg).toBeCloseTo(6 * 3.785411784e-3 * 999.016, 3)
  },
)

/** Words that no collar has a meaning for: letters only, so that they are no date or number. */
const word = fc
  .stringMatching(/^[A-Z]{3,9}$/)
  .filter((text) => stampMeanings(text).every((meaning) => meaning === 'unread') && stampMeanings(text).length === 1)

function stampMeanings(text: string): string[] {
  return read(text).parts.map(({ meaning }) => meaning)
}

test('words that are not understood never lengthen the life of a cylinder', () => {
  const date = fc.record({ month: fc.integer({ min: 1, max: 12 }), year: fc.integer({ min: 0, max: 26 }) })
  const two = (value: number): string => String(value).padStart(2, '0')
  const mark = fc
    .tuple(date, fc.constantFrom('', 'E', 'S'))
    .map(([{ month, year }, letter]) => `${two(month)}-${two(year)}${letter}`)
  const specification = fc.constantFrom('', 'DOT-4BA240', 'DOT-3AL1800', 'TC-39M', 'DOT-SP13957', 'TC-4BAM17')
  const rule = fc.constantFrom(...dateRuleSets.map(({ id }) => id))
  const due = (stamps: string, ruleSet: string): string | null | undefined => {
    try {
      return ask(stamps, { ruleSet }).dueMonth
    } catch {
      // Asked about, or refused: no date follows.
      return undefined
    }
  }
  fc.assert(
    fc.property(
      specification,
      fc.array(mark, { minLength: 1, maxLength: 3 }),
      fc.array(fc.tuple(word, fc.nat(6)), { minLength: 1, maxLength: 3 }),
      rule,
      (spec, marks, words, ruleSet) => {
        const pieces = [spec, ...marks].filter((piece) => piece !== '')
        const before = due(pieces.join(' '), ruleSet)
        const more = [...pieces]
        for (const [text, at] of words) more.splice(Math.min(at, more.length), 0, text)
        const after = due(more.join(' '), ruleSet)
        if (after === null || after === undefined) return
        expect(before).not.toBeNull()
        if (before) expect(after <= before).toBe(true)
      },
    ),
    { numRuns: 600 },
  )
})
