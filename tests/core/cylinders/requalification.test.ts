import fc from 'fast-check'
import { addMonths, formatMonth } from '@/core/time/months'
import { parseMarks, formatMarks } from '@/core/cylinders/stamps/marks'
import { requalification, type CylinderDates } from '@/core/cylinders/dates/requalification'
import { findDateClass, readSpecification } from '@/core/cylinders/stamps/readSpecification'
import { findRuleSet, dateRuleSets } from '@/core/rules/dateRules'
import { requalificationOfStamps } from '@/core/cylinders/dates/requalificationOfStamps'

const noLabel = { labelIntervalMonths: null, endOfLifeMonth: null }
const ON = '2026-11'
const dates = (change: Partial<CylinderDates> = {}): CylinderDates => ({
  dateClass: 'welded',
  manufacturedMonth: '2020-03',
  marks: [],
  labelIntervalMonths: null,
  endOfLifeMonth: null,
  ...change,
})
const due = (change: Partial<CylinderDates>, rule: string) =>
  requalification(dates(change), findRuleSet(rule), ON).dueMonth

/** Rules: common practice; 49 CFR 180.209; CSA B339/B340 [from memory]. */
describe('until when, by school', () => {
  test.each([
    ['ten-then-five', '2030-03'],
    ['us-dot', '2032-03'],
    ['us-dot-proof-ten', '2032-03'],
    ['canada', '2030-03'],
  ])('made 03-20 by %s is good through %s', (rule, month) => {
    expect(due({}, rule)).toBe(month)
  })

  test.each([
    ['E', 'us-dot', '2026-06'],
    ['S', 'us-dot', '2028-06'],
    ['S', 'us-dot-proof-ten', '2031-06'],
    [null, 'us-dot', '2033-06'],
    ['E', 'canada', '2031-06'],
    ['S', 'ten-then-five', '2026-06'],
  ] as const)('marked 06-21 %s by %s is good through %s', (letter, rule, month) => {
    expect(due({ marks: [{ month: '2021-06', letter, requalifier: null }] }, rule)).toBe(month)
  })

  test('the latest mark counts, in any order of entry', () => {
    const marks = ['2016-05', '2025-05', '2021-05'].map((month) => ({ month, letter: 'E' as const, requalifier: null }))
    expect(due({ manufacturedMonth: '2006-01', marks }, 'us-dot')).toBe('2030-05')
  })

  test('CO2 every five years; a composite by its label and to its end', () => {
    expect(due({ dateClass: 'high-pressure', manufacturedMonth: '2022-09' }, 'us-dot')).toBe('2027-09')
    expect(due({ dateClass: 'composite' }, 'us-dot')).toBeNull()
    expect(due({ dateClass: 'composite', labelIntervalMonths: 60, manufacturedMonth: '2024-03' }, 'us-dot')).toBe(
      '2029-03',
    )
    const ending = { dateClass: 'composite', labelIntervalMonths: 60, endOfLifeMonth: '2027-01' } as const
    expect(due({ ...ending, manufacturedMonth: '2024-03' }, 'us-dot')).toBe('2027-01')
    expect(
      requalification(dates({ dateClass: 'composite', endOfLifeMonth: '2026-10' }), findRuleSet('us-dot'), ON).status,
    ).toBe('overdue')
  })

  test('an own rule with its numbers', () => {
    const own = { firstMonths: 96, afterEMonths: 36, afterSMonths: 48, afterNoneMonths: 60, highPressureMonths: 24 }
    expect(requalification(dates(), findRuleSet('own', own), ON).dueMonth).toBe('2028-03')
    expect(() => findRuleSet('own')).toThrow(/no rule set/)
    expect(() => findRuleSet('mars')).toThrow(/no rule set “mars”/)
  })
})

describe('status', () => {
  const status = (on: string, until = on) => requalification(dates(), findRuleSet('ten-then-five'), on, until).status
  test('months are months: good to the last of it, overdue with the next', () => {
    expect(status('2030-03')).toBe('good')
    expect(status('2030-04')).toBe('overdue')
  })
  test('runs out on the trip', () => {
    expect(status('2030-02', '2030-03')).toBe('good')
    expect(status('2030-03', '2030-04')).toBe('due-in-trip')
  })
  test('never, none and unknown', () => {
    const at = (change: Partial<CylinderDates>) => requalification(dates(change), findRuleSet('canada'), ON)
    expect(at({ dateClass: 'non-refillable' })).toMatchObject({ status: 'not-refillable', dueMonth: null })
    expect(at({ dateClass: 'fixed' })).toMatchObject({ status: 'no-date', dueMonth: null })
    expect(at({ manufacturedMonth: null })).toMatchObject({ status: 'unknown', dueMonth: null })
  })
  test('a mark after the day, or older than the cylinder, is refused', () => {
    const marked = (month: string) => dates({ marks: [{ month, letter: 'E', requalifier: null }] })
    expect(() => requalification(marked('2026-12'), findRuleSet('us-dot'), ON)).toThrow(
      /December 2026 has not come yet/,
    )
    expect(() => requalification(marked('2020-02'), findRuleSet('us-dot'), ON)).toThrow(/older than the cylinder/)
    expect(requalification(marked(ON), findRuleSet('us-dot'), ON).dueMonth).toBe('2031-11')
  })
})

describe('from the collar as typed', () => {
  const ask = (stamps: string, more: object = {}) =>
    requalificationOfStamps({ stamps, ruleSet: 'us-dot', on: '2026-11-24', ...more })
  test('06-11 E 05-25 is good through May 2030', () => {
    expect(ask('06-11 E 05-25')).toMatchObject({
      manufactured: '2011-06',
      marks: [{ month: '2025-05', letter: 'E', requalifier: null }],
      dueMonth: '2030-05',
      status: 'good',
      ruleSet: 'us-dot',
      unread: [],
    })
  })
  test('the kind follows from the stamps, or is given', () => {
    expect(ask('DOT-3AL1800 09-22').dueMonth).toBe('2027-09')
    expect(ask('DOT-39 09-22').status).toBe('not-refillable')
    expect(ask('09-22', { kind: 'onboard' }).status).toBe('no-date')
  })
  test('wrong input is refused with its sentence', () => {
    expect(() => ask('06-11 E 05-27')).toThrow(/“05-27”: .*not come yet/)
    expect(() => ask('13-20')).toThrow(/no month 13/)
    expect(() => ask('a cylinder')).toThrow(/No stamp was understood/)
    expect(() => ask('06-11', { until: '2026-11-01' })).toThrow(/cannot end before/)
  })
})

describe('months and marks as text', () => {
  test('later and earlier', () => {
    expect(addMonths('2020-03', 120)).toBe('2030-03')
    expect(addMonths('2026-11', 2)).toBe('2027-01')
    expect(addMonths('2026-01', -1)).toBe('2025-12')
    expect(formatMonth('2030-03')).toBe('March 2030')
    expect(formatMonth('soon')).toBe('soon')
  })
  test('adding and subtracting months returns to the start', () => {
    const month = fc.tuple(fc.integer({ min: 1950, max: 2099 }), fc.integer({ min: 1, max: 12 }))
    fc.assert(
      fc.property(month, fc.integer({ min: -600, max: 600 }), ([year, of], months) => {
        const text = `${year}-${String(of).padStart(2, '0')}`
        expect(addMonths(addMonths(text, months), -months)).toBe(text)
      }),
    )
  })
  test('a list of marks in common spellings', () => {
    expect(parseMarks('E 05-25, 06/20 s; 05-A123-15', ON)).toEqual([
      { month: '2025-05', letter: 'E', requalifier: null },
      { month: '2020-06', letter: 'S', requalifier: null },
      { month: '2015-05', letter: null, requalifier: 'A123' },
    ])
  })
  test('formatted marks parse back', () => {
    const list = [
      { month: '2025-05', letter: 'E', requalifier: null },
      { month: '2020-06', letter: 'S', requalifier: 'A123' },
      { month: '2010-02', letter: null, requalifier: null },
    ] as const
    expect(parseMarks(formatMarks(list), ON)).toEqual(list)
    expect(parseMarks('', ON)).toEqual([])
    expect(() => parseMarks('soon', ON)).toThrow(/is no mark/)
    expect(() => parseMarks('05-27', ON)).toThrow(/not come yet/)
  })
  test('specifications', () => {
    expect(readSpecification('tc 4bwm17')).toMatchObject({ name: 'TC-4BWM17', dateClass: 'welded' })
    expect(readSpecification('DOT-39')).toMatchObject({ dateClass: 'non-refillable' })
    expect(readSpecification('DOT-SP13957')).toMatchObject({ dateClass: 'composite' })
    expect(readSpecification('my own')).toBeNull()
    expect(findDateClass('onboard', 'DOT-4BA240', noLabel)).toBe('fixed')
    expect(findDateClass('bottle', null, noLabel)).toBe('non-refillable')
    expect(findDateClass('co2', null, noLabel)).toBe('high-pressure')
    expect(findDateClass('removable', 'my own', noLabel)).toBe('not-understood')
  })
  test('every rule states its text and its source', () => {
    for (const { words, source, standing } of dateRuleSets) {
      expect(words).toMatch(/\.$/)
      expect(source).not.toBe('')
      expect(['from memory', 'common practice']).toContain(standing)
    }
  })
})
