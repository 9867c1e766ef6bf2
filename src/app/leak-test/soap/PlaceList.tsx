'use client'

import { gradeLabels } from '@/core/leak-test/sheet/leakReading'
import { type LeakItemState } from '@/core/leak-test/sheet/leakTestState'
import { StateMark } from '@/ui/figures/StateMark'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

const marks = {
  unread: 'none',
  'not-proved': 'fix-first',
  none: 'ready',
  leak: 'stop',
  left: 'stop',
  'not-repaired': 'stop',
} as const

function words({ item, state, last, repaired }: LeakItemState): string {
  if (state === 'unread') return 'not yet'
  if (state === 'not-proved') return item.kind === 'pressure' ? 'not proved' : 'not tested: no pressure proved'
  if (state === 'not-repaired') return 'no technician yet'
  if (item.kind === 'pressure') return 'proved'
  if (state === 'none') return repaired ? 'none, repaired' : 'none'
  return `${last ? gradeLabels[last.grade].name.toLowerCase() : ''}${state === 'left' ? ', technician' : ''}`
}

/** All places of the line, upstream first; any can be repeated. */
export function PlaceList({
  items,
  currentId,
  choose,
}: {
  items: readonly LeakItemState[]
  currentId: string | null
  choose: (itemId: string) => void
}) {
  return (
    <ol className="place-list" aria-label={leakTestLabels.places}>
      {items.map((one, i) => (
        <li key={one.item.id}>
          <button
            type="button"
            aria-current={currentId === one.item.id ? 'step' : undefined}
            onClick={() => choose(one.item.id)}
          >
            <span className="number">{i + 1}</span>
            <span>
              {one.item.name}
              {one.item.inside && <em> inside</em>}
            </span>
            <span className="joint-mark">
              {words(one)} <StateMark state={marks[one.state]} size={20} />
            </span>
          </button>
        </li>
      ))}
    </ol>
  )
}
