import type { Metadata } from 'next'
import { practiceRecords } from '@/services/practice/practice'
import { rigSnapshot } from '@/services/rigs/rigSnapshot'
import { DateTime } from '@/ui/figures/DateTime'
import { StateMark } from '@/ui/figures/StateMark'
import { RehearsalWalk } from './RehearsalWalk'

export const metadata: Metadata = { title: 'Rehearsal' }

export default function RehearsalPage() {
  const { rig, gear, judged } = rigSnapshot(new Date())
  const rehearsals = rig ? practiceRecords(rig.id).rehearsals : []
  const [last] = rehearsals
  const isDue = judged
    ? judged.judgment.findings.some(({ code }) => code === 'rehearsal-due')
    : (gear.rehearsedAt ?? null) === null
  return (
    <>
      <div className={`verdict ${isDue ? '' : 'ready'}`}>
        <StateMark state={isDue ? 'note' : 'ready'} size={44} />
        <div>
          <strong>{isDue ? 'Rehearse before this season' : 'Rehearsed this season'}</strong>
          <p>
            {last ? (
              <>
                Last on <DateTime iso={last.rehearsedAt} />, {last.people} people.
              </>
            ) : (
              'Nobody has rehearsed yet.'
            )}{' '}
            Walk each sheet with everybody aboard, at the rig. 20 minutes, once a year.
          </p>
        </div>
      </div>
      <RehearsalWalk rigId={rig?.id ?? null} />
      {rehearsals.length > 1 && (
        <details className="fold">
          <summary>Earlier rehearsals</summary>
          <ul>
            {rehearsals.slice(1).map(({ id, rehearsedAt, people, sheets, note }) => (
              <li key={id}>
                <DateTime iso={rehearsedAt} />: {people} people, {sheets.length} sheets{note && `. ${note}`}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  )
}
