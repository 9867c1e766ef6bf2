import { format, parseISO } from 'date-fns'
import { formatNights } from '@/app/shared/nights'
import { PageTabs } from '@/ui/shell/PageTabs'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** Name of the trip and the pages about it. */
export function TripHeader({
  trip: { id, name, startDay, nights },
  isNext,
}: {
  trip: { id: string; name: string; startDay: string; nights: number }
  isNext: boolean
}) {
  return (
    <>
      <h1>
        {name}{' '}
        <span className="of">
          · leaves {format(parseISO(startDay), 'EEE d MMM')}, {formatNights(nights)}
        </span>
      </h1>
      <PageTabs
        label={tripsLabels.viewsOfTheTrip}
        tabs={[
          { href: isNext ? '/' : `/trips/${id}/ready`, label: 'Ready?' },
          { href: `/trips/${id}/list`, label: 'The day’s list' },
          { href: `/trips/${id}`, label: 'Plan' },
          { href: `/trips/${id}/steps`, label: 'Step by step' },
          { href: `/trips/${id}/card`, label: tripsLabels.tripCard },
          { href: `/trips/${id}/way`, label: 'On the way' },
          { href: `/trips/${id}/kept`, label: tripsLabels.verdictsKept },
          { href: '/trips', label: 'All trips' },
        ]}
      />
    </>
  )
}
