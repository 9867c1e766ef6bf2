'use client'

import { useEffect, useRef } from 'react'
import Button from 'react-bootstrap/Button'
import { type DangerSign, dangerSignIds, dangerSigns } from '@/core/practice/diagnosis/symptoms'
import { emergencies } from '@/ui/shell/emergencies'
import { practiceLabels } from '@/ui/terms/practiceLabels'

/** Signs of danger, before and beside every question: any of them ends the search. */
export function DangerSigns({ choose, isFolded }: { choose: (sign: DangerSign) => void; isFolded: boolean }) {
  const list = (
    <div className="ask-outcomes">
      {dangerSignIds.map((id) => (
        <Button key={id} variant="outline-danger" onClick={() => choose(id)}>
          {dangerSigns[id].label}
        </Button>
      ))}
    </div>
  )
  if (isFolded) {
    return (
      <details className="danger-signs">
        <summary>{practiceLabels.dangerNow}</summary>
        {list}
      </details>
    )
  }
  return (
    <fieldset className="danger-signs">
      <legend>First: is any of this so now?</legend>
      {list}
    </fieldset>
  )
}

/** The sheet that ends a search. */
export function EmergencyEnd({ sign, restart }: { sign: DangerSign; restart: () => void }) {
  const sheet = emergencies.find(({ id }) => id === dangerSigns[sign].sheet)
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => heading.current?.focus(), [])
  if (!sheet) return null
  return (
    <section className="emergency-end" aria-labelledby="emergency-end">
      <h2 id="emergency-end" tabIndex={-1} ref={heading}>
        Stop searching. {sheet.title}
      </h2>
      <ol>
        {sheet.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <p className="hint">Search for the fault later, when the fire service or a technician says that it is safe.</p>
      <Button variant="quiet" onClick={restart}>
        {practiceLabels.startAgain}
      </Button>
    </section>
  )
}
