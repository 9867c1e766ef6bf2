import fc from 'fast-check'
import { NOW, bottleGear, cylinderGear, fitness, rigGear, tripPlan } from '@tests/gear'
import { temporaryDatabase } from '@tests/records/temporary'
import { POUND_KG } from '@tests/tradeUnits'
import type { Finding } from '@/core/findings/Finding'
import { findingKey, isAcceptable, readiness, type Acceptance } from '@/core/trip/readiness/readiness'
import { findingChanges } from '@/core/trip/readiness/findingChanges'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { loadRig } from '@/records/repositories/rigs/loadRig'
import { findRig } from '@/records/repositories/rigs/rigs'
import { findTrip } from '@/records/repositories/trips/trips'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'

function demoFindings(nowIso = '2026-11-24T12:00:00Z'): readonly Finding[] {
  const records = temporaryDatabase()
  writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
  const rig = findRig(records, 'marigold')
  const trip = findTrip(records, 'larkspur')
  if (!rig || !trip) throw new Error('no demo')
  const { findings } = judgeTrip(loadRig(records, rig).gear, trip.plan, nowIso)
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

  test('everything accepted that may be: the owner’s call, never ready', () => {
    const gear = rigGear([cylinderGear({ fitness: fitness('removable', { manufacturedMonth: '2011-06' }) })])
    const only = judgeTrip(gear, tripPlan(), NOW).findings
    const acceptable = only.filter(isAcceptable)
    const others = only.filter((finding) => !isAcceptable(finding))
    expect(acceptable.length).toBeGreaterThan(0)
    expect(readiness(acceptable, []).verdict).toBe('fix-first')
    const call = readiness(
      acceptable,
      acceptable.map((finding) => accept(finding)),
    )
    expect(call).toMatchObject({ verdict: 'your-call', openCount: 0, acceptedCount: acceptable.length })
    // Without a line nothing is leak-tested, and no reason makes that acceptable.
    expect(others.map(({ code }) => code)).toContain('no-line-drawn')
    const all = readiness(
      only,
      only.map((finding) => accept(finding)),
    )
    expect(all.verdict).toBe('fix-first')
    expect(readiness([], []).verdict).toBe('ready')
  })

  test('property: with anything accepted no rig is ready, and what may not be accepted stays open', () => {
    fc.assert(
      fc.property(fc.subarray([...findings]), fc.subarray([...findings]), (some, taken) => {
        const ready = readiness(
          some,
          taken.map((finding) => accept(finding)),
        )
        const open = some.filter(
          (finding) => finding.severity !== 'note' && !(taken.includes(finding) && isAcceptable(finding)),
        )
        expect(ready.openCount).toBe(open.length)
        expect(ready.verdict === 'ready').toBe(open.length === 0 && ready.acceptedCount === 0)
        expect(ready.verdict === 'your-call').toBe(open.length === 0 && ready.acceptedCount > 0)
        expect(ready.verdict === 'stop').toBe(open.some(({ severity }) => severity === 'stop'))
      }),
    )
  })

  test('a stop cannot be accepted, whatever the records hold', () => {
    const all = readiness(
      findings,
      findings.map((finding) => accept(finding)),
    )
    expect(all.verdict).toBe('stop')
    for (const { finding, accepted } of all.answered) expect(accepted !== null).toBe(isAcceptable(finding))
  })

  test('it outlives other words, another hour, another name and a day', () => {
    const tomorrow = demoFindings('2026-11-25T12:00:00Z')
    const given = findings.filter(isAcceptable).map((finding) => accept(finding))
    const held = readiness(tomorrow, given).answered.filter(({ finding }) => isAcceptable(finding))
    expect(held.filter(({ lapsed }) => lapsed !== null).map(({ finding }) => finding.code)).toEqual([])
    expect(held.filter(({ accepted }) => accepted === null).map(({ finding }) => finding.code)).toEqual([])
    const battery = found('battery-short')
    const reworded: Finding = {
      ...battery,
      sentence: { text: 'From {at} on the battery of {rig} is flat.', parts: { at: 'Sat 2:10 am', rig: 'Fridge' } },
    }
    const again = readiness([{ ...reworded, remedy: battery.remedy }], [accept(battery)])
    expect(again.answered[0]?.lapsed).toBeNull()
  })

  test('one that an earlier version stored, with names and hours in its key, still holds', () => {
    const known = findings.filter((finding) => isAcceptable(finding) && finding.remedy.subjectId !== undefined)
    expect(known.length).toBeGreaterThan(2)
    for (const finding of known) {
      const stored = `${findingKey(finding)} | Left pigtail | night 2, 6:40 pm`
      expect(readiness([finding], [accept(finding, { findingKey: stored })]).acceptedCount).toBe(1)
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
