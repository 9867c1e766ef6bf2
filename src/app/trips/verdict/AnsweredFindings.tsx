'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { voidEventAction } from '@/actions/log'
import { acceptFindingAction } from '@/actions/trip'
import { isAcceptable, type AnsweredFinding } from '@/core/trip/readiness/readiness'
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

  if (finding.severity === 'note') return null
  if (!isAcceptable(finding)) {
    return <p className="answer">No reason makes this acceptable. It clears when the problem is fixed.</p>
  }
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
          Lapsed: accepted <DateTime iso={lapsed.acceptedAt} /> as “<PhraseText phrase={lapsed.sentence} />
          ”. The facts have changed since.
        </p>
      )}
      {asking ? (
        <ReasonForm
          id={key}
          label={tripsLabels.reasonToAccept}
          done="Accept"

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
          {tripsLabels.acceptWithAReason}
        </Button>
      )}
    </>
  )
}

/** The findings of a trip, most severe first; what its code allows may be accepted with a reason. */
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
