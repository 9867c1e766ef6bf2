import { verdict } from '@/core/findings/verdict'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { practiceFindings, type RecordedFault } from '@/core/trip/readiness/practiceFindings'
import { findingFacts } from '@/core/findings/findingCodes'
import { cylinderGear, NOW, rigGear, tripPlan } from '@tests/gear'

const fault = (station: RecordedFault['station']): RecordedFault => ({
  id: `fault ${station}`,
  label: 'Flow limiter tripped',
  station,
  partName: 'Left {cylinder}',
  foundAt: NOW,
})

test('a recorded fault is a finding of the station of its part, and the trip is not ready', () => {
  const found = practiceFindings({ recordedFaults: (['cylinders', 'hookup', 'heat', 'run'] as const).map(fault) }, NOW)
  expect(found.map(({ station, code }) => [station, code])).toEqual([
    ['cylinders', 'cylinder-fault-recorded'],
    ['hookup', 'line-fault-recorded'],
    ['heat', 'flame-fault-recorded'],
    ['run', 'appliance-fault-recorded'],
  ])
  for (const finding of found) {
    expect(verdict([finding])).toBe('fix-first')
    expect(finding.remedy).toMatchObject({ station: 'practice', page: 'faults' })
  }
  // Only an appliance that does not work may be accepted.
  expect(found.map((finding) => findingFacts(finding)?.isAcceptable)).toEqual([false, false, false, true])
})

test.each([
  [null, 1],
  ['2025-11-30T00:00:00.000Z', 1],
  ['2026-01-01T00:00:00.000Z', 0],
  [undefined, 0],
])('last rehearsed %s: %i note', (rehearsedAt, count) => {
  const found = practiceFindings({ rehearsedAt }, NOW)
  expect(found.map(({ code, severity }) => [code, severity])).toEqual(
    Array.from({ length: count }, () => ['rehearsal-due', 'note']),
  )
})

test('the judgment of a trip has both, and none of them where nobody asked', () => {
  const codes = (change: object): string[] =>
    judgeTrip(rigGear([cylinderGear()], change), tripPlan(), NOW).findings.map(({ code }) => code)
  expect(codes({ recordedFaults: [fault('hookup')], rehearsedAt: null })).toEqual(
    expect.arrayContaining(['line-fault-recorded', 'rehearsal-due']),
  )
  expect(codes({}).filter((code) => /recorded|rehearsal/.test(code))).toEqual([])
})
