import { NOW, bottleGear, cylinderGear, fitness, rigGear, tripPlan } from '@tests/gear'
import { temporaryDatabase } from '@tests/records/temporary'
import { POUND_KG } from '@tests/tradeUnits'
import type { Finding } from '@/core/findings/Finding'
import { findingKey, readiness, type Acceptance } from '@/core/trip/readiness/readiness'
import { findingChanges } from '@/core/trip/readiness/findingChanges'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { findRig } from '@/records/repositories/rigs/rigs'
import { findTrip } from '@/records/repositories/trips/trips'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'

function demoFindings(): readonly Finding[] {
  const records = temporaryDatabase()
  writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
  const rig = findRig(records, 'marigold')
  const trip = findTrip(records, 'larkspur')
  if (!rig || !trip) throw new Error('no demo')
  const { findings } = judgeTrip(loadRig(records, rig).gear, trip.plan, '2026-11-24T12:00:00Z')
  records.$client.close()
  return findings
}

const accept = (finding: Finding, change: Partial<Acceptance> = {}): Acceptance => ({
  id: 'one',
  findingKey: findingKey(finding),
  sentence: finding.sentence,
  reason: 'known for years',
  acceptedAt: NOW,
  ...change,
})

const findings = demoFindings()
const found = (code: string): Finding => {
  const one = findings.find((finding) => finding.code === code)
  if (!one) throw new Error(code)
  return one
}

describe('the key of a finding', () => {
  test('no two findings of a whole rig share a key', () => {
    expect(new Set(findings.map(findingKey)).size).toBe(findings.length)
    expect(findings.length).toBeGreaterThan(20)
  })

  test('numbers of a finding do not change its key, its subject does', () => {
    const short = found('gas-not-enough')
    const worse: Finding = {
      ...short,
      sentence: { ...short.sentence, parts: { ...short.sentence.parts, missing: { value: 9, role: 'cylinderMass' } } },
    }
    expect(findingKey(worse)).toBe(findingKey(short))
    expect(findingKey({ ...short, remedy: { ...short.remedy, subjectId: 'other' } })).not.toBe(findingKey(short))
  })
})

describe('acceptance', () => {
  test('an accepted fix-first no longer counts, and stays visible with its reason', () => {
    const battery = found('battery-short')
    const before = readiness(findings, [])
    const after = readiness(findings, [accept(battery)])
    expect(after.openCount).toBe(before.openCount - 1)
    expect(after.acceptedCount).toBe(1)
    expect(after.answered).toHaveLength(findings.length)
    expect(after.answered.find(({ finding }) => finding === battery)?.accepted?.reason).toBe('known for years')
  })

  test('every fix-first accepted: a rig without a stop is ready, and says how many were accepted', () => {
    const gear = rigGear([cylinderGear({ fitness: fitness('removable', { manufacturedMonth: '2011-06' }) })])
    const only = judgeTrip(gear, tripPlan(), NOW).findings
    expect(readiness(only, []).verdict).toBe('fix-first')
    const ready = readiness(
      only,
      only.map((finding) => accept(finding)),
    )
    expect(ready).toMatchObject({ verdict: 'ready', openCount: 0 })
    expect(ready.acceptedCount).toBe(only.filter(({ severity }) => severity === 'fix-first').length)
  })

  test('a stop cannot be accepted, whatever the records hold', () => {
    const all = readiness(
      findings,
      findings.map((finding) => accept(finding)),
    )
    expect(all.verdict).toBe('stop')
    expect(all.openCount).toBe(findings.filter(({ severity }) => severity === 'stop').length)
    for (const { finding, accepted } of all.answered) {
      if (finding.severity !== 'fix-first') expect(accepted).toBeNull()
    }
  })

  test('it holds for the figures that were read: with others it has lapsed, and the finding counts again', () => {
    const gear = (ounces: number) =>
      judgeTrip(
        rigGear([
          bottleGear({ lastWeighing: { grossKg: (14.6 + ounces) * (POUND_KG / 16), hangingKg: 0, weighedAt: NOW } }),
        ]),
        tripPlan({ uses: [{ id: 'r', name: 'Radiant', inputW: 2600, supply: 'bottles', burnPerDayS: 7200 }] }),
        NOW,
      ).findings
    const then = gear(13).find(({ code }) => code === 'gas-not-enough')
    if (!then) throw new Error('enough')
    const later = readiness(gear(9), [accept(then)]).answered.find(({ finding }) => finding.code === 'gas-not-enough')
    expect(later?.accepted).toBeNull()
    expect(later?.lapsed?.reason).toBe('known for years')
    expect(readiness(gear(13), [accept(then)]).answered.some(({ accepted }) => accepted !== null)).toBe(true)
  })

  test('of two acceptances the later one counts', () => {
    const battery = found('battery-short')
    const ready = readiness(findings, [
      accept(battery),
      accept(battery, { id: 'two', reason: 'alarms have their own' }),
    ])
    expect(ready.answered.find(({ finding }) => finding === battery)?.accepted?.id).toBe('two')
  })
})

describe('what changed', () => {
  test('what is new and what was fixed, without notes', () => {
    const before = findings.filter(({ code }) => code !== 'battery-short')
    const now = findings.filter(({ code }) => code !== 'joint-taped' && code !== 'weighing-old')
    const { added, resolved } = findingChanges(before, now)
    expect(added.map(({ code }) => code)).toEqual(['battery-short'])
    expect(resolved.map(({ code }) => code)).toEqual(['joint-taped'])
  })

  test('nothing, between two judgments of one moment', () => {
    expect(findingChanges(findings, demoFindings())).toEqual({ added: [], resolved: [] })
  })
})
