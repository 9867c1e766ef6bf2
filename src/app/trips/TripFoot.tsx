'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { archiveTripAction, copyTripAction } from '@/actions/trip'
import { ArchiveButton } from '@/ui/shell/ArchiveButton'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** Copies a trip to another day, or puts it away. */
export function TripActions({
  trip: { id, version, name },
  suggestedDay,
}: {
  trip: { id: string; version: number; name: string }
  suggestedDay: string
}) {
  const [startDay, setStartDay] = useState(suggestedDay)
  const { save, issueAt } = useSave(copyTripAction)
  const say = useNotice()
  const router = useRouter()
  const wrong = issueAt('startDay') ?? issueAt('')
  return (
    <section className="mt-4" aria-label="This trip">
      <h2>Again, or away</h2>
      <form
        noValidate
        className="in-a-row"
        onSubmit={async (event) => {
          event.preventDefault()
          const copied = await save({ id, startDay })
          if (!copied) return
          say({ done: `${name} copied` })
          router.push(`/trips/${copied.value.id}`)
        }}
      >
        <div>
          <Form.Label htmlFor="copy-day">{tripsLabels.theSameTripLeavingOn}</Form.Label>
          <Form.Control
            id="copy-day"
            type="date"
            value={startDay}
            onChange={(event) => setStartDay(event.target.value)}
          />
          {wrong && (
            <p className="issue" role="alert">
              {wrong}
            </p>
          )}
        </div>
        <Button type="submit" variant="quiet">
          {tripsLabels.copyThisTrip}
        </Button>
      </form>
      <ArchiveButton id={id} version={version} name={name} what="trip" home="/trips" archive={archiveTripAction} />
    </section>
  )
}
