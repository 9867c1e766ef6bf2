'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { voidEventAction } from '@/actions/events'
import { PhraseText } from '@/ui/Amount'
import { Moment } from '@/ui/Moment'
import { VoidForm } from '@/ui/VoidForm'
import type { HistoryEntry } from './historyEntry'

/** All that happened to a thing, newest first; a mistake is voided with a reason and stays to be seen. */
export function History({ entries }: { entries: readonly HistoryEntry[] }) {
  const [voiding, setVoiding] = useState<string | null>(null)
  if (entries.length === 0) return null
  return (
    <section className="history">
      <h2>History</h2>
      <div className="table-scroll" tabIndex={0} role="region" aria-label="History">
        <table>
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">What</th>
              <th scope="col">What it came to</th>
              <th scope="col" />
            </tr>
          </thead>
          <tbody>
            {entries.map(({ of, id, at, what, says, voidReason }) => (
              <tr key={id} className={voidReason === null ? '' : 'voided'}>
                <td>
                  <Moment iso={at} />
                </td>
                <td>{what}</td>
                <td>
                  <PhraseText phrase={says} />
                </td>
                <td className="keep">
                  {voidReason !== null && `voided: ${voidReason}`}
                  {of !== null && voidReason === null && voiding !== id && (
                    <Button variant="bare" size="sm" onClick={() => setVoiding(id)}>
                      Void
                    </Button>
                  )}
                  {of !== null && voiding === id && (
                    <VoidForm
                      id={id}
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
    </section>
  )
}
