'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { zoneFacts } from '@/core/hookup/catalogue/zone'
import { leakAction } from '@/core/leak-test/sheet/leakAction'
import type { LeakItem } from '@/core/leak-test/sheet/leakSheet'
import { gradeLabels, leakGrades, type LeakGrade } from '@/core/leak-test/sheet/leakReading'
import { type LeakItemState, needsTechnician } from '@/core/leak-test/sheet/leakTestState'
import { ActionSteps } from './ActionSteps'
import { type RepairTexts, TechnicianFields } from './TechnicianFields'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

/** One place to soap, with five large buttons for the result. */
export function PlaceCard({
  number,
  current,
  sheet,
  tell,
  issueAt,
  onward,
}: {
  number: number
  current: LeakItemState
  sheet: readonly LeakItem[]
  tell: (grade: LeakGrade, more: { left: boolean; repair: RepairTexts | null }) => Promise<void>
  issueAt: (path: string) => string | null
  /** Goes to the next place without a result. */
  onward: (() => void) | null
}) {
  const [busy, setBusy] = useState(false)
  const { item, last, state } = current
  const [repair, setRepair] = useState<RepairTexts>({ technician: '', repairedOn: '' })
  const asksTechnician =
    (last !== null && last.grade !== 'none' && needsTechnician(item, sheet)) ||
    state === 'not-repaired' ||
    issueAt('repair.technician') !== null
  const action = state === 'leak' && last ? leakAction(item, last.grade, sheet) : null
  const say = async (grade: LeakGrade, left = false): Promise<void> => {
    setBusy(true)
    const isAfterRepair = asksTechnician && grade === 'none' && !left
    await tell(grade, { left, repair: isAfterRepair ? repair : null })
    setBusy(false)
  }
  return (
    <section className="place-card" aria-label={leakTestLabels.thePlaceToSoap}>
      <p className="place-number">
        {number}
        {item.inside && <span> · inside</span>} · {zoneFacts[item.zone].name}
      </p>
      <h2>{item.name}</h2>
      <p>{item.expect}</p>
      {action && last && (
        <div className="place-leak">
          <strong>{gradeLabels[last.grade].name}. Do this:</strong>
          <ActionSteps action={action} />
          {!action.technicianOnly && <p className="mb-1">Repaired? Soap it again and say what it shows now.</p>}
          <Button variant="quiet" size="sm" disabled={busy} onClick={() => void say(last.grade, true)}>
            {leakTestLabels.leaveItForATechnician}
          </Button>
        </div>
      )}
      {asksTechnician && <TechnicianFields texts={repair} change={setRepair} issueAt={issueAt} />}
      <div className="grade-buttons" role="group" aria-label="What the soap shows">
        {leakGrades.map((grade) => (
          <button key={grade} type="button" className={grade} disabled={busy} onClick={() => void say(grade)}>
            <strong>{gradeLabels[grade].name}</strong>
            <span>{gradeLabels[grade].looks}</span>
          </button>
        ))}
      </div>
      {onward && (
        <Button variant="quiet" size="sm" onClick={onward}>
          On to the next place
        </Button>
      )}
    </section>
  )
}
