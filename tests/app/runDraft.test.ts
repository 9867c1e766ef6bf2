import fc from 'fast-check'
import { NOW, tripPlan } from '@tests/gear'
import { anyFacts, rigOf, tripOf } from '@tests/core/trip/oracle/generatedRig'
import { draftOf, planOf } from '@/app/run/runDraft'
import type { RunAppliance } from '@/app/run/runAppliance'
import { applianceKinds } from '@/core/appliances/applianceKinds'
import { assumed } from '@/core/base/provenance'
import type { ApplianceUse, TripPlan } from '@/core/run/tripPlan'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'

const applianceOf = (use: ApplianceUse): RunAppliance => ({
  version: 1,
  kind: 'other',
  pilotW: 0,
  currentA: 0,
  needsBattery: false,
  cylinderId: null,
  ratedInputW: null,
  ...use,
  sources: {},
})

/** The plan after Run was opened and saved as it stood. */
const afterRun = (plan: TripPlan): TripPlan => planOf(plan, draftOf(plan), plan.uses.map(applianceOf))

const judged = (plan: TripPlan, facts: Parameters<typeof rigOf>[0]) => {
  const { findings, verdict, balances } = judgeTrip(rigOf(facts), plan, NOW)
  return {
    verdict,
    codes: findings.map(({ code, severity }) => `${severity} ${code}`),
    leftKg: balances.map((one) => one.leftKg),
  }
}

test('property: the same verdict before and after Run was opened, whatever page the hours were typed on', () => {
  fc.assert(
    fc.property(
      anyFacts,
      fc.array(fc.record({ kind: fc.constantFrom(...applianceKinds), hours: fc.integer({ min: 0, max: 16 }) }), {
        maxLength: 3,
      }),
      (facts, typed) => {
        const plan = tripOf(facts)
        const more = typed.map(({ kind, hours }, i): ApplianceUse => ({
          id: `typed-${i}`,
          name: `Typed ${i}`,
          inputW: 1500,
          supply: 'line',
          kind,
          burnPerDayS: hours * 3600,
        }))
        const whole = { ...plan, uses: [...plan.uses, ...more] }
        expect(judged(afterRun(whole), facts)).toEqual(judged(whole, facts))
      },
    ),
    { numRuns: 60, seed: 17 },
  )
})

test('hours that the program filled in stay assumed when Run is saved', () => {
  const plan = tripPlan()
  const uses = plan.uses.map((use, i) => (i === 0 ? { ...use, sources: { habit: assumed() } } : use))
  expect(afterRun({ ...plan, uses }).uses.map(({ sources }) => sources?.habit?.source)).toEqual(
    uses.map((_, i) => (i === 0 ? 'assumed' : undefined)),
  )
})
