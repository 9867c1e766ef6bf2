import { applianceUse, tripPlan } from '@tests/gear'
import { change, edited, made, soundStart } from '@tests/lines'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import type { Line } from '@/core/hookup/line/line'
import { lineFindings, type JudgedLine, notOnLine } from '@/core/trip/readiness/lineFindings'
import type { LineTightness } from '@/core/leak-test/sheet/leakFindings'

const place = { temperatureK: 264, atmospherePa: 75_600, untilMonth: '2026-12' }
const two = soundStart('two-cylinders')

function judged(id: string, line: Line, change: Partial<LineTightness> = {}): JudgedLine {
  const fingerprint = lineFingerprint(line)
  const lastTest = { startedAt: '1', fingerprint, sheet: [], readings: [], closedAt: '2' }
  return {
    gear: { id, name: id, line },
    tightness: { lineId: id, name: id, fingerprint, lastTest, lastHold: null, refilledAt: null, ...change },
  }
}

test('sound and tested lines raise no finding, on the coldest night too', () => {
  expect(lineFindings([judged('house', two), judged('soda', soundStart('keg'))], place)).toEqual([])
  expect(lineFindings([], place)).toEqual([])
})

test('findings tell line, hookup and leak test apart', () => {
  const found = lineFindings(
    [judged('house', edited(two, made('cooktop-in', 'taped'))), judged('soda', soundStart('keg'), { lastTest: null })],
    place,
  )
  expect(found.map(({ station, code, remedy }) => [station, code, remedy.subjectId])).toEqual([
    ['hookup', 'joint-taped', 'house'],
    ['leak-test', 'leak-test-missing', 'soda'],
  ])
})

test('a night too cold for the regulator’s inlet starves the line', () => {
  const cold = lineFindings([judged('house', two)], { ...place, temperatureK: 228, atmospherePa: 101325 })
  expect(cold.map(({ code }) => code)).toEqual(expect.arrayContaining(['appliance-starves']))
})

test.each([100, 174, 300, 369, 420])(
  'at %i K there is no error: beyond the fluid’s range the nearest value counts',
  (temperatureK) => {
    expect(() =>
      lineFindings([judged('house', two), judged('soda', soundStart('keg'))], { ...place, temperatureK }),
    ).not.toThrow()
  },
)

describe('appliances on no line', () => {
  const line = (linked: string | undefined) => [
    { id: 'house', name: 'House', line: edited(two, change('cooktop', { applianceId: linked })) },
  ]
  const trip = tripPlan({
    uses: [
      applianceUse({ id: 'panel' }),
      applianceUse({ id: 'off', burnPerDayS: 0 }),
      applianceUse({ id: 'radiant', supply: 'bottles' }),
    ],
  })
  test('only those that burn from the line on this trip are asked about', () => {
    expect(notOnLine(line('panel'), trip)).toEqual([])
    expect(notOnLine(line(undefined), trip).map(({ code }) => code)).toEqual(['appliance-not-on-line'])
  })
  test('without any line it is said once; without anything that burns on it not at all', () => {
    expect(notOnLine([], trip).map(({ code }) => code)).toEqual(['no-line-drawn'])
    expect(notOnLine([], tripPlan({ uses: [applianceUse({ supply: 'bottles' })] }))).toEqual([])
  })
})
