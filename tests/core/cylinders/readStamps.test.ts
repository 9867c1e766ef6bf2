import fc from 'fast-check'
import { POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import { stampTokens } from '@/core/cylinders/stamps/stampTokens'

const NOVEMBER = '2026-11'
const read = (text: string) => readStamps(text, NOVEMBER)
const pounds = (kg: number | null) => (kg === null ? null : kg / POUND_KG)
const meanings = (text: string) => read(text).parts.map(({ text: own, meaning }) => `${own}: ${meaning}`)

describe('a collar in the spellings people use', () => {
  test.each([
    'TW 17.8 WC 47.6 DOT-4BA240 06-11 E 05-25',
    'tw 17.8 wc 47.6 dot-4ba240 06-11 e 05-25',
    'T.W. 17.8 LB W.C. 47.6 LB DOT 4BA240 06/11 05/25E',
    'WC47.6 TW17.8 DOT4BA240 6-2011 5-2025 E',
    '06-11 DOT-4BA240 05 A123 25E TARE 17,8 lbs. WATER CAP 47.6#',
    '17.8 TW 47.6 WC 4BA240 06 11 05 A123 25E',
    '17.8 lb T.W.  47.6 lb W.C. DOT–4BA240 2011-06 2025-05E',
    'TW: 17.8 WC: 47.6 DOT-4BA240 MFG 06-11 RETEST 05-25 E',
    'TW 17.8 WC 47.6 DOT-4BA240 06-11 E05-25',
    'TW 17.8 WC 47.6 DOT-4BA240 06-11 05-25-E',
    'DOT-4BA240\nTARE WT. 17.8\nWC 47.6\n06.2011 · 05.2025E',
  ])('%s', (text) => {
    const reading = read(text)
    expect(pounds(reading.tareKg)).toBeCloseTo(17.8, 9)
    expect(pounds(reading.waterCapacityKg)).toBeCloseTo(47.6, 9)
    expect(reading).toMatchObject({
      specification: 'DOT-4BA240',
      manufacturedMonth: '2011-06',
      marks: [{ month: '2025-05', letter: 'E' }],
      kind: 'removable',
    })
    expect(reading.parts.filter(({ meaning }) => meaning === 'unread')).toEqual([])
  })

  test('kilograms, and the same weight twice as Canadian collars have it', () => {
    const reading = read('TC-4BAM17 TARE 8.1 KG / 17.8 LB W.C. 21.6 KG 11-19 OPD')
    expect(reading).toMatchObject({
      tareKg: 8.1,
      waterCapacityKg: 21.6,
      specification: 'TC-4BAM17',
      overfillStop: true,
    })
    // An M in the class means that the pressure is stamped in bar.
    expect(reading.servicePressurePa).toBe(17e5)
  })

  test('CO2, one-pound bottles of both kinds, a composite and a fixed tank', () => {
    expect(read('DOT-3AL1800 TW 7.6 WC 7.35 09-22')).toMatchObject({ kind: 'co2', manufacturedMonth: '2022-09' })
    expect((read('3AA1800 9-22').servicePressurePa ?? 0) / PSI_PA).toBeCloseTo(1800, 6)
    expect(read('DOT-39 NRC 228/286 NET WT 16.4 OZ')).toMatchObject({ kind: 'bottle', specification: 'DOT-39' })
    expect(read('DOT-4B240 TW 14.6 oz WC 39 oz 05-24')).toMatchObject({ kind: 'refillable-bottle' })
    expect(read('DOT-SP 13957 TW 10 WC 47.7 05-19')).toMatchObject({ specification: 'DOT-SP13957', kind: 'removable' })
    const tank = read('ASME 24.1 WG MAWP 250 PSI')
    expect(tank).toMatchObject({ kind: 'onboard' })
    expect((tank.waterCapacityKg ?? 0) / 3.785411784 / 0.999016).toBeCloseTo(24.1, 9)
  })

  test('a water capacity in liters', () => {
    expect(read('WC 21.6 L').waterCapacityKg).toBeCloseTo(21.6 * 0.999016, 9)
  })

  test('letters that touch a date belong to it; separate letters lead or follow like the others', () => {
    expect(read('06-11 05-16S 05-21E').marks.map(({ letter }) => letter)).toEqual(['S', 'E'])
    expect(read('06-11 05-16 S 05-21 E').marks.map(({ letter }) => letter)).toEqual(['S', 'E'])
    expect(read('06-11 S 05-16 E 05-21').marks.map(({ letter }) => letter)).toEqual(['S', 'E'])
    expect(read('06-11 05-16').marks).toEqual([{ month: '2016-05', letter: null, requalifier: null }])
    expect(read('E 05-25')).toMatchObject({ manufacturedMonth: null, marks: [{ month: '2025-05', letter: 'E' }] })
  })
})

describe('an impossible stamp is reported at its part and ignored', () => {
  test.each([
    ['13-20', /no month 13/],
    ['06-11 05-31', /not come yet/],
    ['06-2027', /not come yet/],
    ['06-11 05-09E', /older than the cylinder/],
    ['MFG 06-11 MADE 07-12', /read already/],
    ['TW 17.8 TW 17.9', /read already/],
    ['TW 0', /weight of nothing/],
  ])('%s', (text, sentence) => {
    const issues = read(text).parts.flatMap(({ issue }) => issue ?? [])
    expect(issues).toHaveLength(1)
    expect(issues[0]).toMatch(sentence)
  })

  test('a part that was not understood stays, marked', () => {
    expect(meanings('TW 17.8 M4411 hello 06-15-11')).toEqual([
      'TW 17.8: tare',
      'M4411: unread',
      'hello: unread',
      '06-15-11: unread',
    ])
    expect(read('hello world')).toMatchObject({ tareKg: null, manufacturedMonth: null, marks: [], kind: null })
  })

  test('longer than any collar', () => {
    expect(() => read('x'.repeat(401))).toThrow(/at most 400/)
  })
})

describe('any text', () => {
  const piece = fc.oneof(
    fc.constantFrom(
      'TW',
      'WC',
      '17.8',
      '47.6',
      '06-11',
      'E',
      '05/25',
      'DOT-4BA240',
      'A123',
      '13-20',
      'kg',
      '·',
      '-',
      '1/2',
    ),
    fc.string({ maxLength: 12 }),
  )
  const collar = fc.array(piece, { maxLength: 14 }).map((pieces) => pieces.join(' ').slice(0, 400))

  test('no letter or digit is dropped or read twice, and nothing throws', () => {
    fc.assert(
      fc.property(collar, (text) => {
        const tokens = stampTokens(text)
        for (let i = 0; i < text.length; i += 1) {
          if (!/[A-Za-z0-9]/.test(text.charAt(i))) continue
          expect(tokens.filter(({ from, to }) => i >= from && i < to)).toHaveLength(1)
        }
        const reading = read(text)
        expect(reading.parts).toHaveLength(tokens.length)
        for (const { month } of reading.marks) expect(month <= NOVEMBER).toBe(true)
      }),
      { numRuns: 400 },
    )
  })

  test('the order of the pieces does not matter', () => {
    const pieces = ['TW 17.8', 'WC 47.6', 'DOT-4BA240', 'MFG 06-11', '05-25E', 'OPD']
    fc.assert(
      fc.property(fc.shuffledSubarray(pieces, { minLength: pieces.length }), (shuffled) => {
        const reading = read(shuffled.join('  '))
        expect(pounds(reading.tareKg)).toBeCloseTo(17.8, 9)
        expect(pounds(reading.waterCapacityKg)).toBeCloseTo(47.6, 9)
        expect(reading).toMatchObject({ manufacturedMonth: '2011-06', marks: [{ month: '2025-05', letter: 'E' }] })
      }),
    )
  })
})
