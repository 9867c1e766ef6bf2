'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { voidEventAction } from '@/actions/log'
import { acceptFindingAction } from '@/actions/trip'
import type { AnsweredFinding } from '@/core/trip/readiness/readiness'
import { PhraseText } from '@/ui/figures/Amount'
import { FindingItem } from '@/ui/figures/FindingList'
import { DateTime } from '@/ui/figures/DateTime'
import { ReasonForm } from '@/ui/fields/ReasonForm'
import { useNotice } from '@/ui/state/UndoProvider'
import { tripsLabels } from '@/ui/terms/tripsLabels'

/** Answer of the owner to a finding, with the form for it. */
function Answer({ tripId, answered }: { tripId: string; answered: AnsweredFinding }) {
  const { key, finding, accepted, lapsed } = answered
  const [asking, setAsking] = useState(false)
  const say = useNotice()
  const takeBack = async (id: string, reason: string): Promise<boolean> =>
    (await voidEventAction({ of: 'acceptance', id, reason }).catch(() => null))?.ok === true

  if (finding.severity === 'stop') return <p className="answer">Ends only when the fact changes.</p>
  if (finding.severity === 'note') return null
  if (accepted) {
    return (
      <p className="answer">
        Accepted <DateTime iso={accepted.acceptedAt} />: “{accepted.reason}”{' '}
        <Button
          variant="bare"
          size="sm"
          onClick={async () => {
            const held = await takeBack(accepted.id, 'Not accepted any more')
            say({ done: held ? 'Counts again' : 'Not taken back: the server does not answer' })
          }}
        >
          Count it again
        </Button>
      </p>
    )
  }
  return (
    <>
      {lapsed && (
        <p className="answer">
          Accepted <DateTime iso={lapsed.acceptedAt} /> when it read “<PhraseText phrase={lapsed.sentence} />
          ”. It reads otherwise now: that counts no longer.
        </p>
      )}
      {asking ? (
        <ReasonForm
          id={key}
          label={tripsLabels.whyMayItStaySo}
          done="Accept it"

          send={async (reason, requestKey) => {
            const answer = await acceptFindingAction({ tripId, key, reason }, requestKey)
            if (answer.ok) {
              const { id } = answer.value
              say({ done: 'Accepted as it is', undo: () => takeBack(id, 'Taken back') })
            }
            return answer.ok ? { ok: true, value: null } : answer
          }}
          close={() => setAsking(false)}
        />
      ) : (
        <Button variant="bare" size="sm" onClick={() => setAsking(true)}>
          {tripsLabels.leaveItAsItIsWith}
        </Button>
      )}
    </>
  )
}

/** The findings of a trip, most severe first; a “fix first” may be accepted with a reason, a stop never. */
export function AnsweredFindings({ tripId, answered }: { tripId: string; answered: readonly AnsweredFinding[] }) {
  return (
    <ul className="findings">
      {answered.map((one) => (
        <FindingItem key={one.key} finding={one.finding}>
          <Answer tripId={tripId} answered={one} />
        </FindingItem>
      ))}
    </ul>
  )
}
