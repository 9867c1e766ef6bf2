'use client'

import { useMemo, useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { LeakItem } from '@/core/leak-test/sheet/leakSheet'
import { type LeakItemState, leakTestState } from '@/core/leak-test/sheet/leakTestState'
import { proofOutcome } from '@/core/leak-test/sheet/pressureProof'
import { CloseTest, type GasUsers } from './CloseTest'
import { OpenLeaks } from './OpenLeaks'
import { PlaceCard } from './PlaceCard'
import { PlaceList } from './PlaceList'
import { PressureCard } from './PressureCard'
import { PrintedSheet } from './PrintedSheet'
import { useSoap, type LoggedReading } from './useSoap'

/** The pressure to prove for what was soaped without it. */
function toProve(items: readonly LeakItemState[]): LeakItemState | undefined {
  const unproved = items.find(({ state }) => state === 'not-proved')
  const ids = unproved?.item.provedBy?.burner ?? []
  return items.find(({ item }) => item.kind === 'pressure' && ids.includes(item.id)) ?? unproved
}

/** Soap test: one place at a time, with the whole sheet beside it. */
export function SoapWalk({
  testId,
  lineName,
  sheet,
  logged,
  users,
  changedSince,
}: {
  testId: string
  lineName: string
  sheet: readonly LeakItem[]
  logged: readonly LoggedReading[]
  users: GasUsers
  changedSince: boolean
}) {
  const { readings, soap, issueAt } = useSoap(testId, logged)
  const state = useMemo(() => leakTestState(sheet, readings), [sheet, readings])
  const [asked, setAsked] = useState<string | null>(null)
  // Without a gauge the soap comes first, and a burner proves the pressure after it.
  const [soapFirst, setSoapFirst] = useState(false)
  const unread = state.items.filter(({ state: at }) => at === 'unread')
  const next =
    (soapFirst ? unread.find(({ item }) => item.kind !== 'pressure') : undefined) ?? unread[0] ?? toProve(state.items)
  const current = state.items.find(({ item }) => item.id === asked) ?? next ?? null
  const soaped = state.items.filter(({ item }) => item.kind !== 'pressure')
  const notProved = soaped.filter(({ state: at }) => at === 'not-proved').length
  const number = current ? state.items.indexOf(current) + 1 : 0
  return (
    <div className="soap-walk">
      {changedSince && (
        <p className="issue" role="alert">
          The line was changed after this test began: it is the sheet of the line as it was. Void it below and begin
          anew.
        </p>
      )}
      <div className="soap-bench">
        <div className="soap-now">
          <p className="soap-progress" role="status">
            <strong>{soaped.filter(({ state: at }) => at !== 'unread').length}</strong> of {soaped.length} places soaped
            {notProved > 0 && `, ${notProved} under no proved pressure`}
            {state.open.length > 0 && `, ${state.open.length} leaking`}
            {state.repaired > 0 && `, ${state.repaired} repaired`}
          </p>
          {current?.item.kind === 'pressure' ? (
            <PressureCard
              key={current.item.id}
              number={number}
              current={current}
              prove={async (proof) => {
                const isLogged = await soap({ itemId: current.item.id, grade: 'none', proof })
                if (isLogged) setAsked(proofOutcome(current.item.zone, proof).proved ? null : current.item.id)
                return isLogged
              }}
              later={
                soaped.some(({ state: at }) => at === 'unread') ? () => (setSoapFirst(true), setAsked(null)) : null
              }
            />
          ) : current ? (
            <PlaceCard
              key={current.item.id}
              number={number}
              current={current}
              sheet={sheet}
              issueAt={issueAt}
              tell={async (grade, { left, repair }) => {
                const isLogged = await soap({ itemId: current.item.id, grade, leftForTechnician: left, repair })
                if (isLogged) setAsked(grade === 'none' || left ? null : current.item.id)
              }}
              onward={asked !== null && next ? () => setAsked(null) : null}
            />
          ) : state.mayClose ? (
            <CloseTest testId={testId} users={users} />
          ) : (
            <p className="lead">Every place was soaped. What leaks is listed here: repair it, then soap it again.</p>
          )}
          {state.mayClose && current && <CloseTest testId={testId} users={users} />}
        </div>
        <div>
          {state.open.length > 0 && <OpenLeaks open={state.open} again={setAsked} />}
          <div className="sheet-head">
            <h2>The sheet</h2>
            <Button variant="quiet" size="sm" onClick={() => window.print()}>
              Print it
            </Button>
          </div>
          <PlaceList items={state.items} currentId={current?.item.id ?? null} choose={setAsked} />
        </div>
      </div>
      <PrintedSheet lineName={lineName} items={state.items} />
    </div>
  )
}
