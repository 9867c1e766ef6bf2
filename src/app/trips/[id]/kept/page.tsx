import type { Metadata } from 'next'
import { TripHeader } from '@/app/trips/TripHeader'
import { tripPageData } from '@/app/trips/tripPageData'
import { MarkedItem } from '@/ui/figures/MarkedItem'
import { DateTime } from '@/ui/figures/DateTime'
import { stateLabels } from '@/ui/figures/StateMark'
import { keptVerdictsOf } from '@/services/trips/keptVerdicts'
import { tripsLabels } from '@/ui/terms/tripsLabels'

export const metadata: Metadata = { title: tripsLabels.verdictsKept }

export default async function KeptPage({ params }: { params: Promise<{ id: string }> }) {
  const { row, isNext } = tripPageData((await params).id)
  const kept = keptVerdictsOf(row.id)
  return (
    <>
      <TripHeader trip={row} isNext={isNext} />
      <p>
        A verdict is kept when you keep it, save the trip, accept a finding or print the card. It is kept with
        everything it is based on, and never changed.
      </p>
      <ul className="findings">
        {kept.map(({ id, judgedAt, verdict }) => (
          <MarkedItem
            key={id}
            state={verdict}
            tone={verdict === 'ready' ? 'note' : verdict === 'your-call' ? 'fix-first' : verdict}
            title={stateLabels[verdict]}
            href={`/trips/${row.id}/kept/${id}`}
            label={tripsLabels.whatItRestedOn}
          >
            <p className="hint">
              <DateTime iso={judgedAt} />
            </p>
          </MarkedItem>
        ))}
      </ul>
      {kept.length === 0 && <p>None yet.</p>}
    </>
  )
}
