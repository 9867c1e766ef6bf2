import { Link } from '@/ui/shell/Link'
import { formatNights } from '@/app/shared/nights'
import { findingChanges } from '@/core/trip/readiness/findingChanges'
import { dueDates } from '@/core/trip/tasks/dueDates'
import { nightsLeft, unmeasuredSinceStart } from '@/core/trip/usage/remainingTrip'
import { tripEndDay } from '@/core/time/day'
import { FindingList } from '@/ui/figures/FindingList'
import { DateTime } from '@/ui/figures/DateTime'
import { AnsweredFindings } from './AnsweredFindings'
import { DueBeforeEnd } from './DueBeforeEnd'
import { keptSince } from '@/services/trips/keepVerdict'
import { KeepVerdict } from './KeepVerdict'
import { SupplySlips } from '@/app/trips/plan/SupplyPapers'
import { TripHeader } from '@/app/trips/TripHeader'
import type { TripPageData } from '@/app/trips/tripPageData'
import { VerdictPlate } from './VerdictPlate'
import { lastClearVerdict } from '@/services/trips/keptVerdicts'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** What changed since nothing was open on this trip. */
function SinceReady({ data }: { data: TripPageData }) {
  const before = lastClearVerdict(data.row.id)
  if (!before) return null
  const { added, resolved } = findingChanges(before.kept.findings, data.judgment.findings)
  if (added.length === 0 && resolved.length === 0) return null
  return (
    <section className="mt-4" aria-label={tripsLabels.sinceItWasLastReady}>
      <h2>
        Since nothing was open, <DateTime iso={before.judgedAt} />
      </h2>
      {added.length > 0 && <FindingList findings={added} />}
      {resolved.length > 0 && (
        <p className="hint">
          {resolved.length}{' '}
          {resolved.length === 1 ? 'thing that was accepted then is' : 'things that were accepted then are'} mended now.
        </p>
      )}
    </section>
  )
}

/** Verdict of a trip with all its findings. */
export function ReadyView({ data }: { data: TripPageData }) {
  const { row, plan, gear, judgment, ready, nowIso, isNext } = data
  const notWeighed = unmeasuredSinceStart(plan, gear.cylinders, nowIso)
  const used = judgment.balances.filter(({ neededKg }) => neededKg > 0)
  const endMonth = tripEndDay(plan.startDay, plan.nights).slice(0, 7)
  const due = dueDates(gear, nowIso.slice(0, 10)).filter(({ month }) => month <= endMonth)
  return (
    <>
      <TripHeader trip={row} isNext={isNext} />
      <div className="bench-and-slip">
        <div>
          <VerdictPlate judgment={judgment} ready={ready} />
          {ready.openCount > 0 && (
            <p className="mt-2 mb-0">
              <Link href={`/trips/${row.id}/list`}>{tripsLabels.allOfItAsTheDays}</Link>
            </p>
          )}
          {notWeighed !== null && (
            <p className="answer mt-3">
              Under way.{' '}
              {notWeighed.length > 0
                ? `The whole trip is counted until ${notWeighed.join(', ')} ${notWeighed.length === 1 ? 'is' : 'are'} weighed: it is unknown what was burned since leaving. `
                : `Counted from the weigh-ins on, for the ${formatNights(nightsLeft(judgment.trip))} left. `}
              <Link href={`/trips/${row.id}/way`}>On the way</Link>
            </p>
          )}
          <section className="mt-4" aria-label={sharedLabels.findings}>
            <h2>{sharedLabels.beforeLeaving}</h2>
            <AnsweredFindings tripId={row.id} answered={ready.answered} />
            {ready.answered.length === 0 && <p>Nothing was found. Look once more with your own eyes.</p>}
          </section>
        </div>
        <div>
          <SupplySlips balances={used} trip={judgment.trip} />
        </div>
      </div>
      <SinceReady data={data} />
      <DueBeforeEnd due={due} />
      <KeepVerdict tripId={row.id} keptAt={keptSince(data)} />
    </>
  )
}
