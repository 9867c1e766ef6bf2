'use client'

import { Link } from '@/ui/shell/Link'
import { useEffect, useState } from 'react'
import { saveVerdictAction } from '@/actions/readiness'
import { DateTime } from '@/ui/figures/DateTime'

/** Saves the shown verdict with all that it is based on, unless the last saved one is equal. */
export function SaveVerdict({ tripId, verdict, keys }: { tripId: string; verdict: string; keys: string }) {
  const [keptAt, setKeptAt] = useState<string | null>(null)
  useEffect(() => {
    let isHere = true
    void saveVerdictAction({ tripId })
      .then((answer) => {
        if (isHere && answer.ok) setKeptAt(answer.value.judgedAt)
      })
      // Works without the server; the next visit saves it.
      .catch(() => null)
    return () => {
      isHere = false
    }
  }, [tripId, verdict, keys])
  return (
    <p className="hint mt-4" role="status">
      {keptAt === null ? (
        'This verdict is not kept yet.'
      ) : (
        <>
          This verdict and all that it rests on are kept, as of <DateTime iso={keptAt} />.{' '}
          <Link href={`/trips/${tripId}/kept`}>Verdicts kept</Link>
        </>
      )}
    </p>
  )
}
