import fc from 'fast-check'
import { NOW } from '@tests/gear'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { type Acceptance, findingKey, isAcceptable, readiness, type Readiness } from '@/core/trip/readiness/readiness'
import { verdictByTable } from './decisionTable'
import { anyFacts, type RigFacts, rigOf, tripOf } from './generatedRig'

/** The program’s verdict; an owner who accepts accepts everything that may be. */
function judged(facts: RigFacts): Readiness {
  const { findings } = judgeTrip(rigOf(facts), tripOf(facts), NOW)
  const given = facts.accepts ? findings.filter(isAcceptable) : []
  const acceptances = given.map((finding, i): Acceptance => ({
    id: String(i),
    findingKey: findingKey(finding),
    sentence: finding.sentence,
    reason: 'It is known and stays so this time',
    acceptedAt: NOW,
  }))
  return readiness(findings, acceptances)
}

test('1,000 generated rigs: the program says what the table says, and at least 200 are ready', () => {
  let readyCount = 0
  fc.assert(
    fc.property(anyFacts, (facts) => {
      const { verdict, answered, acceptedCount } = judged(facts)
      const expected = verdictByTable(facts)
      const codes = answered.flatMap(({ finding, accepted }) =>
        finding.severity === 'note' ? [] : [`${finding.severity} ${finding.code}${accepted ? ' accepted' : ''}`],
      )
      expect({ verdict, codes }).toEqual({ verdict: expected, codes })
      if (verdict === 'ready') {
        readyCount += 1
        expect(acceptedCount).toBe(0)
      }
    }),
    { numRuns: 1000, seed: 17 },
  )
  expect(readyCount).toBeGreaterThanOrEqual(200)
})
