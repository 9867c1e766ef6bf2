'use client'

import { useMemo, useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { LeakItem } from '@/core/leak-test/sheet/leakSheet'
import { leakTestState } from '@/core/leak-test/sheet/leakTestState'
import { CloseTest, type GasUsers } from './CloseTest'
import { OpenLeaks } from './OpenLeaks'
import { PlaceCard } from './PlaceCard'
import { PlaceList } from './PlaceList'
import { PrintedSheet } from './PrintedSheet'
import { useSoap, type LoggedReading } from './useSoap'

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
  const { readings, soap } = useSoap(testId, logged)
  const state = useMemo(() => leakTestState(sheet, readings), [sheet, readings])
  const [asked, setAsked] = useState<string | null>(null)
  const next = state.items.find(({ state: at }) => at === 'unread')
  const current = state.items.find(({ item }) => item.id === asked) ?? next ?? null
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
            <strong>{state.items.length - state.unread}</strong> of {state.items.length} places soaped
            {state.open.length > 0 && `, ${state.open.length} leaking`}
            {state.repaired > 0 && `, ${state.repaired} repaired`}
          </p>
          {current ? (
            <PlaceCard
              key={current.item.id}
              number={number}
              current={current}
              sheet={sheet}
              tell={async (grade, left) => {
                if (await soap(current.item.id, grade, left))
                  setAsked(grade === 'none' || left ? null : current.item.id)
              }}
              onward={asked !== null && next ? () => setAsked(null) : null}
            />
          ) : state.mayClose ? (
            <CloseTest testId={testId} users={users} />
          ) : (
            <p className="lead">Every place was soaped. What leaks stands beside: repair it, then soap it again.</p>
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
