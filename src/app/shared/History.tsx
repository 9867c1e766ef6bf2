'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { voidEventAction } from '@/actions/log'
import type { Phrase } from '@/core/base/quantity'
import type { EventName } from '@/services/log/entries'
import { ReasonForm } from '@/ui/fields/ReasonForm'
import { PhraseText } from '@/ui/figures/Amount'
import { DateTime } from '@/ui/figures/DateTime'
import { Link } from '@/ui/shell/Link'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** One line of a history. */
export interface HistoryEntry {
  /** What voiding affects; null when it cannot be voided. */
  of: EventName | null
  id: string
  at: string
  what: string
  /** What it came to. */
  says: Phrase
  voidReason: string | null
}

/** Lines of a history, newest first; a mistake is voided with a reason and stays to be seen. */
export function HistoryTable({
  entries,
  label,
}: {
  entries: readonly (HistoryEntry & { subject?: string })[]
  label: string
}) {
  const [now] = useState(() => new Date().toISOString())
  const [voiding, setVoiding] = useState<string | null>(null)
  const hasSubjects = entries.some(({ subject }) => subject !== undefined)
  if (entries.length === 0) return null
  return (
    <div className="table-scroll history" tabIndex={0} role="region" aria-label={label}>
      <table>
        <thead>
          <tr>
            <th scope="col">When</th>
            {hasSubjects && <th scope="col">{sharedLabels.of}</th>}
            <th scope="col">What</th>
            <th scope="col">What it came to</th>
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          {entries.map(({ of, id, at, what, says, voidReason, subject }) => (
            <tr key={`${of} ${id}`} className={voidReason === null ? '' : 'voided'}>
              <td>
                <DateTime iso={at} />
              </td>
              {hasSubjects && <td>{subject}</td>}
              <td>{what}</td>
              <td>
                <PhraseText phrase={says} />
              </td>
              <td className="keep">
                {voidReason !== null && `voided: ${voidReason}`}
                {voidReason === null && at > now && 'dated ahead of now: not counted until then'}
                {of !== null && voidReason === null && voiding !== id && (
                  <Button variant="bare" size="sm" onClick={() => setVoiding(id)}>
                    {sharedLabels.void}
                  </Button>
                )}
                {of !== null && voiding === id && (
                  <ReasonForm
                    id={id}
                    label={sharedLabels.whyIsItWrong}
                    done="Void it"
                    send={(reason) => voidEventAction({ of, id, reason })}
                    close={() => setVoiding(null)}
                  />
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

/** Most lines shown; the rest is in the logbook. */
const A_PAGE = 100

/** All that happened to a thing. */
export function History({ entries }: { entries: readonly HistoryEntry[] }) {
  if (entries.length === 0) return null
  return (
    <section className="history">
      <h2>{sharedLabels.history}</h2>
      {/* A new entry begins it anew: what was saved just now is not ahead of a clock that was read before. */}
      <HistoryTable key={entries[0]?.id} entries={entries} label={sharedLabels.history} />
      {entries.length >= A_PAGE && (
        <p className="hint">
          The latest {A_PAGE}. <Link href="/log">All of it in the logbook</Link>
        </p>
      )}
    </section>
  )
}
