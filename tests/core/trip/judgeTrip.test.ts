import { applianceUse, bottleGear, cylinderGear, NOW, rigGear, tripPlan } from '@tests/gear'
import { change, edited, made, soundStart } from '@tests/lines'
import { POUND_KG } from '@tests/tradeUnits'
import type { Line } from '@/core/hookup/line/line'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { type Finding, type Severity, sortFindings } from '@/core/findings/Finding'
import { verdict } from '@/core/findings/verdict'
import { formatPhrase } from '@/core/units/formatQuantity'
import type { LineTightness } from '@/core/leak-test/sheet/leakFindings'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { basis } from '@/core/rules/basis/basis'

function finding(severity: Severity, station: Finding['station'] = 'run'): Finding {
  const words = { text: severity }
  return {
    code: severity,
    station,
    severity,
    sentence: words,
    reason: words,
    remedy: { label: 'Go', station },
    basis: [],
  }
}

describe('the verdict', () => {
  test('the worst finding decides; notes do not count', () => {
    expect(verdict([])).toBe('ready')
    expect(verdict([finding('note')])).toBe('ready')
    expect(verdict([finding('note'), finding('fix-first')])).toBe('fix-first')
    expect(verdict([finding('fix-first'), finding('stop'), finding('note')])).toBe('stop')
  })

  test('most severe first, then in the order gas flows', () => {
    const sorted = sortFindings([
      finding('note', 'trip'),
      finding('fix-first', 'run'),
      finding('fix-first', 'cylinders'),
      finding('stop', 'run'),
    ])
    expect(sorted.map(({ severity, station }) => `${severity} ${station}`)).toEqual([
      'stop run',
      'fix-first cylinders',
      'fix-first run',
      'note trip',
    ])
  })
})

describe('a judged trip', () => {
  test('enough gas alone is never “ready” while other stations are not judged', () => {
    const judged = judgeTrip(rigGear([cylinderGear()]), tripPlan(), NOW)
    expect(judged.enough).toBe('enough')
    expect(judged.verdict).toBe('fix-first')
    expect(judged.findings.map(({ code }) => code)).toEqual(['no-line-drawn', 'heaters-not-entered'])
  })

  test('a drawn and tested line leaves only missing stations; a taped flare is a stop; an unconnected appliance is asked about', () => {
    const line = edited(soundStart('two-cylinders'), change('cooktop', { applianceId: 'panel' }))
    const fingerprint = lineFingerprint(line)
    const tightness: LineTightness = {
      lineId: 'house',
      name: 'House line',
      fingerprint,
      lastTest: { startedAt: NOW, fingerprint, sheet: [], readings: [], closedAt: NOW },
      lastHold: null,
      refilledAt: null,
    }
    const judge = (drawn: Line) =>
      judgeTrip(
        rigGear([cylinderGear()], { lines: [{ gear: { id: 'house', name: 'House line', line: drawn }, tightness }] }),
        tripPlan({ uses: [applianceUse({ id: 'panel' })] }),
        NOW,
      )
    expect(judge(line).findings.map(({ code }) => code)).toEqual(['heaters-not-entered'])
    expect(judge(edited(line, made('cooktop-in', 'taped'))).verdict).toBe('stop')
    expect(
      judge(edited(line, change('cooktop', { applianceId: undefined }))).findings.map(({ code }) => code),
    ).toContain('appliance-not-on-line')
  })

  test('an overfilled cylinder that comes along is a stop; one that stays at home is not', () => {
    const weighing = { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW }
    expect(judgeTrip(rigGear([cylinderGear({ lastWeighing: weighing })]), tripPlan(), NOW).verdict).toBe('stop')
    expect(judgeTrip(rigGear([cylinderGear({ lastWeighing: weighing, aboard: false })]), tripPlan(), NOW).verdict).toBe(
      'fix-first',
    )
  })

  test('short, unknown and enough are distinct', () => {
    const long = tripPlan({ nights: 14 })
    expect(judgeTrip(rigGear([cylinderGear()]), long, NOW).enough).toBe('short')
    expect(judgeTrip(rigGear([cylinderGear(), cylinderGear({ id: 'r', lastWeighing: null })]), long, NOW).enough).toBe(
      'unknown',
    )
    expect(
      judgeTrip(rigGear([cylinderGear(), cylinderGear({ id: 'r', lastWeighing: null })]), tripPlan(), NOW).enough,
    ).toBe('enough')
    expect(judgeTrip(rigGear([cylinderGear()]), tripPlan({ uses: [] }), NOW).enough).toBe('unknown')
  })

  test('plenty on the line does not help the bottles', () => {
    const uses = [applianceUse({ supply: 'bottles', burnPerDayS: 3600 * 4 })]
    expect(judgeTrip(rigGear([cylinderGear(), bottleGear()]), tripPlan({ uses }), NOW).enough).toBe('short')
  })

  test('every finding reads in both unit systems and cites existing sources', () => {
    const weighing = { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: '2026-10-01T00:00:00.000Z' }
    const worlds = [
      judgeTrip(
        rigGear([cylinderGear({ lastWeighing: weighing }), bottleGear({ lastWeighing: null })]),
        tripPlan({ nights: 30, coldestK: 250 }),
        NOW,
      ),
      judgeTrip(rigGear([cylinderGear({ tareKg: 20 })]), tripPlan({ uses: [] }), NOW),
    ]
    for (const { sentence, reason, basis: rests } of worlds.flatMap(({ findings }) => findings)) {
      for (const phrase of [sentence, reason]) {
        for (const system of ['us', 'metric'] as const) {
          expect(formatPhrase(phrase, system)).toMatch(/^[^{}]+\.$/)
        }
      }
      for (const id of rests) expect(Object.keys(basis)).toContain(id)
    }
  })
})
