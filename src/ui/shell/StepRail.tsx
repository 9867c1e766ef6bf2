'use client'

import { PhraseText } from '@/ui/figures/Amount'
import { Check } from 'lucide-react'
import { useState } from 'react'
import type { ProcedureStep } from '@/core/rules/procedureStep'
import { HoldTimer } from '@/ui/instruments/HoldTimer'
import { DateTime } from '@/ui/figures/DateTime'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export interface RailTick {
  stepId: string
  tickedAt: string
}

/** Steps of a procedure: a step opens its reason, a tick logs the time, and a mandatory step blocks the rest. */
export function StepRail({
  steps,
  ticks,
  tick,
  untick,
  held,
  label,
}: {
  steps: readonly ProcedureStep[]
  ticks: readonly RailTick[]
  tick: (stepId: string) => void
  untick: (stepId: string) => void
  /** Why no step can be ticked. */
  held?: string | null
  label: string
}) {
  const [open, setOpen] = useState<string | null>(null)
  const done = new Map(ticks.map(({ stepId, tickedAt }) => [stepId, tickedAt]))
  const firstHeld = steps.findIndex(({ id, holds }) => holds && !done.has(id))
  const now = steps.findIndex(({ id }) => !done.has(id))
  const explained = steps.find(({ id }) => id === open)
  const current = steps[now]
  return (
    <section className="step-rail" aria-label={label}>
      <ol>
        {steps.map(({ id, title, does }, i) => {
          const tickedAt = done.get(id)
          const waits = firstHeld !== -1 && i > firstHeld && tickedAt === undefined
          const state = tickedAt !== undefined ? 'done' : i === now ? 'now' : waits ? 'waits' : ''
          return (
            <li key={id} className={state}>
              <button
                type="button"
                className="step-mark"
                disabled={waits || Boolean(held)}
                aria-pressed={tickedAt !== undefined}
                aria-label={`Step ${i + 1}: ${title}`}
                onClick={() => (tickedAt === undefined ? tick(id) : untick(id))}
              >
                {tickedAt === undefined ? i + 1 : <Check size={16} strokeWidth={3} aria-hidden="true" />}
              </button>
              <button
                type="button"
                className="step-words"
                aria-expanded={open === id}
                onClick={() => setOpen(open === id ? null : id)}
              >
                <strong>{title}</strong>
                <span>{typeof does === 'string' ? does : <PhraseText phrase={does} />}</span>
                {tickedAt !== undefined && (
                  <span className="hint">
                    <DateTime iso={tickedAt} />
                  </span>
                )}
              </button>
            </li>
          )
        })}
      </ol>
      {current?.holdS !== undefined && !held && (
        <HoldTimer
          key={current.id}
          slot={`${label} ${current.id}`}
          holdS={current.holdS}
          words={{ start: `Start: ${current.title}`, due: 'Done, go on', stop: sharedLabels.goOnWithoutWaiting }}
          done={() => tick(current.id)}
        />
      )}
      {explained && (
        <p className="step-why" role="note">
          <strong>{explained.title}.</strong> {explained.why}
        </p>
      )}
      {held && <p className="issue mb-0">{held}</p>}
    </section>
  )
}
