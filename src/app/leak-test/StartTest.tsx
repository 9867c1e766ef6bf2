'use client'

import Button from 'react-bootstrap/Button'
import { startLeakTestAction } from '@/actions/leakTest'
import type { LeakTest } from '@/services/leak-test/soapTests'
import { DateTime } from '@/ui/figures/DateTime'
import { StateMark } from '@/ui/figures/StateMark'
import { useSave } from '@/ui/state/useSave'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

/** How the last test ended, and the beginning of the next. */
export function StartTest({
  lineId,
  last,
  changedSince,
}: {
  lineId: string
  last: LeakTest | null
  changedSince: boolean
}) {
  const { save, saving, issueAt } = useSave(startLeakTestAction)
  const holds = last?.closing && !changedSince
  return (
    <section aria-label={leakTestLabels.beginALeakTest} className="start-test">
      <div className={`verdict ${holds ? 'ready' : ''}`}>
        <StateMark state={holds ? 'ready' : 'fix-first'} size={44} />
        <div>
          <strong>{last === null ? 'Never tested' : holds ? 'Closed' : leakTestLabels.changedSinceItsLastTest}</strong>
          <p>
            {last?.closing ? (
              <>
                Last closed <DateTime iso={last.closing.closedAt} />, every place read none and {last.closing.burned}{' '}
                ran. It holds until a joint is touched, a cylinder is filled, or the road was rough.
              </>
            ) : (
              'After every connection, every refill and rough roads, each joint, stem and crimp is soaped.'
            )}
          </p>
        </div>
      </div>
      <ol className="plain-list">
        <li>Nose first, outdoors, everything off. Noses tire: then the soap.</li>
        <li>
          3 fl oz (90 mL) of water and a drop of dish soap without ammonia. In frost a bought solution: soapy water
          freezes.
        </li>
        <li>An electronic sniffer as well as the soap, not instead. Never a match.</li>
      </ol>
      <div className="save-line">
        <Button disabled={saving.state === 'saving'} onClick={() => void save({ lineId })}>
          {leakTestLabels.beginAtTheCylinder}
        </Button>
        <span role="status" className="word-state">
          {issueAt('')}
        </span>
      </div>
    </section>
  )
}
