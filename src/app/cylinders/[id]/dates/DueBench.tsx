'use client'

import { Link } from '@/ui/shell/Link'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gearRequalification, type Requalification } from '@/core/cylinders/dates/requalification'
import { formatMonth } from '@/core/time/months'
import { DueText } from '@/app/cylinders/DueText'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

const countedLabels = { manufacture: 'made', mark: 'requalified', label: 'made or requalified, by its label' } as const

function lead({ status, dueMonth }: Requalification): { label: string; large: string } {
  if (dueMonth !== null) {
    return {
      label: status === 'overdue' ? 'Could be filled through' : 'May be filled through',
      large: formatMonth(dueMonth),
    }
  }
  if (status === 'not-refillable') return { label: 'May be filled', large: 'never' }
  if (status === 'no-date') return { label: 'Requalification', large: 'none asked' }
  return { label: 'May be filled through', large: 'not known' }
}

/** Requalification date, with the rule behind it. */
export function DueBench({ gear, today, untilDay }: { gear: CylinderGear; today: string; untilDay: string }) {
  const [open, setOpen] = useState(false)
  const due = gearRequalification(gear, today, untilDay)
  const { rule } = gear.fitness
  const { label, large } = lead(due)
  return (
    <section className="due-bench" aria-label="Until when it may be filled">
      <p className="mb-0">{label}</p>
      <p className="large mb-1">{large}</p>
      <p className="mb-2">
        <DueText {...due} />
        {due.status === 'due-in-trip' && ', which is before the trip is over'}
      </p>
      {due.counted && (
        <p className="mb-2">
          {countedLabels[due.counted.what]} {formatMonth(due.counted.from)} + {due.counted.months} months
        </p>
      )}
      {due.status === 'unknown' && (
        <p>
          Neither a month of manufacture nor a mark is entered, or a composite’s label is not.{' '}
          <Link href={`/cylinders/${gear.id}/stamps`}>Enter the stamps</Link>.
        </p>
      )}
      <Button variant="quiet" size="sm" aria-expanded={open} onClick={() => setOpen(!open)}>
        {cylindersLabels.whichRuleSaysSo}
      </Button>
      {open && (
        <div className="basis mt-2">
          <p>
            <strong>{rule.name}.</strong> {rule.words}
          </p>
          <p>
            {rule.source} <span className="standing">{rule.standing}</span>
          </p>
          <p className="caution">
            Who fills it decides by the rules of the place. Months are months: good to the last day of it.
          </p>
          <Link href="/cylinders/rules">Other rules</Link>
        </div>
      )}
    </section>
  )
}
