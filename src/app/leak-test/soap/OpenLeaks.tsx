'use client'

import Button from 'react-bootstrap/Button'
import { gradeLabels } from '@/core/leak-test/sheet/leakReading'
import { type LeakItemState } from '@/core/leak-test/sheet/leakTestState'
import { StateMark } from '@/ui/figures/StateMark'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

/** What leaks still, most severe first. */
export function OpenLeaks({ open, again }: { open: readonly LeakItemState[]; again: (itemId: string) => void }) {
  return (
    <section aria-label={leakTestLabels.leaks}>
      <h2>Leaks that keep the test open</h2>
      <ul className="findings mt-0 mb-3">
        {open.map(({ item, state, last }) => (
          <li key={item.id} className="stop">
            <StateMark state="stop" />
            <div>
              <strong>
                {item.name}
                {item.inside ? ', inside' : ''}
              </strong>
              <p className="hint">
                {last && gradeLabels[last.grade].name}
                {state === 'left' ? '; left for a technician' : ''}
              </p>
            </div>
            <Button variant="quiet" size="sm" onClick={() => again(item.id)}>
              {state === 'left' ? leakTestLabels.mendedSoapIt : 'What to do'}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
