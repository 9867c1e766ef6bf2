import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { formatNights } from '@/app/shared/nights'
import { TripHeader } from '@/app/trips/TripHeader'
import { tripPageData } from '@/app/trips/tripPageData'
import { cardCylinders } from '@/core/trip/card/cardBlocks'
import { findingChanges } from '@/core/trip/readiness/findingChanges'
import { judgeTrip } from '@/core/trip/readiness/judgeTrip'
import { PhraseText } from '@/ui/figures/Amount'
import { FindingList } from '@/ui/figures/FindingList'
import { DateTime } from '@/ui/figures/DateTime'
import { StateMark, stateLabels } from '@/ui/figures/StateMark'
import { keptVerdict } from '@/services/trips/keptVerdicts'
import { programVersion } from '@/services/archive/exports'
import { tripsLabels } from '@/ui/terms/tripsLabels'
import { ownersDay } from '@/services/shared/ownersClock'

export const metadata: Metadata = { title: 'A verdict kept' }

export default async function OneVerdictPage({ params }: { params: Promise<{ id: string; verdictId: string }> }) {
  const { id, verdictId } = await params
  const { row, isNext } = tripPageData(id)
  const stored = keptVerdict(verdictId)
  if (stored?.tripId !== id) notFound()
  const { program, gear, plan, acceptances, findings } = stored.kept
  const again = judgeTrip(gear, plan, stored.judgedAt)
  const { added, resolved } = findingChanges(findings, again.findings)
  const isSame = added.length === 0 && resolved.length === 0
  return (
    <>
      <TripHeader trip={row} isNext={isNext} />
      <div className={`verdict ${stored.verdict}`}>
        <StateMark state={stored.verdict} size={56} />
        <div>
          <strong>{stateLabels[stored.verdict]}</strong>
          <p>
            As given <DateTime iso={stored.judgedAt} /> by version {program}.{' '}
            {isSame
              ? `Judged again from the same entries by version ${programVersion()}: the same.`
              : `Judged again from the same entries by version ${programVersion()}, it would differ: the rules of the program have changed since.`}
          </p>
        </div>
      </div>
      <div className="kept-columns">
        <section aria-label="Findings then">
          <h2>What was found</h2>
          <FindingList findings={findings} />
          {findings.length === 0 && <p>{tripsLabels.nothing}</p>}
        </section>
        <section aria-label={tripsLabels.whatItRestedOn}>
          <h2>{tripsLabels.whatItRestedOn}</h2>
          <ul>
            {cardCylinders(gear.cylinders, ownersDay(stored.judgedAt)).lines.map((phrase) => (
              <li key={JSON.stringify(phrase)}>
                <PhraseText phrase={phrase} />
              </li>
            ))}
            <li>
              {formatNights(plan.nights)} from {plan.startDay}, {plan.uses.length} appliances, {gear.lines.length}{' '}
              lines, {gear.heat.heaters.length} heaters, {gear.equipment.length} things that age.
            </li>
            <li>Weather: {plan.forecast?.name || 'as entered'}.</li>
            {acceptances.map(({ id: key, sentence, reason }) => (
              <li key={key}>
                Accepted: <PhraseText phrase={sentence} /> “{reason}”
              </li>
            ))}
          </ul>
          <p>
            <a className="btn btn-quiet" href={`/trips/${id}/kept/${verdictId}/data`} download>
              All of it as data (JSON)
            </a>
          </p>
        </section>
      </div>
    </>
  )
}
