import { Link } from '@/ui/shell/Link'
import { nightsWords } from '@/app/shared/nightsWords'
import { findingChanges } from '@/core/trip/readiness/findingChanges'
import { dueDates } from '@/core/trip/tasks/dueDates'
import { nightsLeft, notToldSince } from '@/core/trip/usage/remainingTrip'
import { tripEndDay } from '@/core/time/tripClock'
import { database } from '@/records/database'
import { lastVerdict } from '@/records/repositories/trips/verdicts'
import { FindingList } from '@/ui/figures/FindingList'
import { Moment } from '@/ui/figures/Moment'
import { AnsweredFindings } from './AnsweredFindings'
import { DueBeforeEnd } from './DueBeforeEnd'
import { KeepVerdict } from './KeepVerdict'
import { SupplySlips } from '@/app/trips/plan/SupplyPapers'
import { TripTop } from '@/app/trips/TripTop'
import type { TripWorld } from '@/app/trips/tripWorld'
import { VerdictPlate } from './VerdictPlate'

/** What changed since this trip was last ready. */
function SinceReady({ world }: { world: TripWorld }) {
  const before = lastVerdict(database(), world.row.id, 'ready')
  if (!before) return null
  const { cameUp, mended } = findingChanges(before.kept.findings, world.judgement.findings)
  if (cameUp.length === 0 && mended.length === 0) return null
  return (
    <section className="mt-4" aria-label="Since it was last ready">
      <h2>
        Since it was ready, <Moment iso={before.judgedAt} />
      </h2>
      {cameUp.length > 0 && <FindingList findings={cameUp} />}
      {mended.length > 0 && (
        <p className="hint">
          {mended.length}{' '}
          {mended.length === 1 ? 'thing that was accepted then is' : 'things that were accepted then are'} mended now.
        </p>
      )}
    </section>
  )
}

/** Ready, fix first or stop: the verdict on a trip with everything it is made of. */
export function ReadyView({ world }: { world: TripWorld }) {
  const { row, plan, gear, judgement, ready, nowIso, isNext } = world
  const notWeighed = notToldSince(plan, gear.cylinders, nowIso)
  const used = judgement.balances.filter(({ neededKg }) => neededKg > 0)
  const endMonth = tripEndDay(plan.startDay, plan.nights).slice(0, 7)
  const due = dueDates(gear, nowIso.slice(0, 10)).filter(({ month }) => month <= endMonth)
  return (
    <>
      <TripTop trip={row} isNext={isNext} />
      <div className="bench-and-slip">
        <div>
          <VerdictPlate judgement={judgement} ready={ready} />
          {ready.openCount > 0 && (
            <p className="mt-2 mb-0">
              <Link href={`/trips/${row.id}/list`}>All of it as the day’s list, by place</Link>
            </p>
          )}
          {notWeighed !== null && (
            <p className="answer mt-3">
              Under way.{' '}
              {notWeighed.length > 0
                ? `The whole trip is counted until ${notWeighed.join(', ')} ${notWeighed.length === 1 ? 'is' : 'are'} weighed: nobody knows what was burnt since leaving. `
                : `Reckoned from the weigh-ins on, for the ${nightsWords(nightsLeft(judgement.trip))} left. `}
              <Link href={`/trips/${row.id}/way`}>On the way</Link>
            </p>
          )}
          <section className="mt-4" aria-label="Findings">
            <h2>Before leaving</h2>
            <AnsweredFindings tripId={row.id} answered={ready.answered} />
            {ready.answered.length === 0 && <p>Nothing was found. Look once more with your own eyes.</p>}
          </section>
        </div>
        <div>
          <SupplySlips balances={used} trip={judgement.trip} />
        </div>
      </div>
      <SinceReady world={world} />
      <DueBeforeEnd due={due} />
      <KeepVerdict tripId={row.id} verdict={ready.verdict} keys={ready.answered.map(({ key }) => key).join('\n')} />
    </>
  )
}
