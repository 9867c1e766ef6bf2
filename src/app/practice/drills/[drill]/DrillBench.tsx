'use client'

import { useEffect, useEffectEvent, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { recordDrillAction } from '@/actions/practice'
import type { BenchAction } from '@/core/practice/drills/benchAction'
import type { DrillView } from '@/core/practice/drills/drillView'
import type { DrillId } from '@/core/practice/drills/drills'
import type { PracticeRig } from '@/core/practice/rig/practiceRig'
import { PhraseText } from '@/ui/figures/Amount'
import { WorkerBar } from '@/ui/shell/WorkerBar'
import { useSave } from '@/ui/state/useSave'
import { useSessionState } from '@/ui/state/useSessionState'
import { useSteadyWorker } from '@/ui/state/useSteadyWorker'
import { practiceLabels } from '@/ui/terms/practiceLabels'
import type { PracticeWorker } from '@/workers/practice.worker'
import { createPracticeWorker } from '@/workers/threads'
import type { WorkerAnswer } from '@/workers/startWorkerJob'
import { BenchReadings } from './BenchReadings'
import { DrillDebrief } from './DrillDebrief'
import { DrillLog, LastAct } from './DrillLog'

/** A drill on the simulated rig: what is seen, what can be done, and what came of it. */
export function DrillBench({
  id,
  seed,
  rig,
  rigId,
  lineId,
}: {
  id: DrillId
  seed: number
  rig: PracticeRig | null
  rigId: string | null
  lineId: string | null
}) {
  // What was done lives through a reload: the same seed and the same actions give the same rig.
  const [done, setDone, forget] = useSessionState<readonly BenchAction[]>(`drill ${id} ${seed}`, [])
  const [view, setView] = useState<DrillView | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  const { share, ask, stop } = useSteadyWorker<PracticeWorker>(createPracticeWorker)
  const { save, saving, issueAt } = useSave(recordDrillAction)
  const end = useRef<HTMLHeadingElement>(null)

  const show = (answer: WorkerAnswer<DrillView | null> | null): DrillView | null => {
    if (answer === null) return null
    if ('refused' in answer) {
      setRefused(answer.refused)
      return null
    }
    setRefused(null)
    if (answer.value) setView(answer.value)
    return answer.value
  }
  // What was asked for, the last click too: a second one may come before the first is answered.
  const asked = useRef<readonly BenchAction[]>([])
  const begin = useEffectEvent(() => {
    asked.current = done
    return ask<DrillView>((worker) => worker.begin({ id, seed, rig }, done))
  })
  const isBegun = view !== null
  const count = done.length
  useEffect(() => {
    // Once, and again when the browser gives back what was done before a reload.
    if (!isBegun) void begin().then(show)
  }, [isBegun, count])

  const keep = async ({ result, debrief }: DrillView): Promise<void> => {
    if (!rigId || !debrief || result === 'open') return
    await save({
      rigId,
      drill: id,
      seed,
      result,
      reason: debrief.badEnd,
      durationS: debrief.minutes * 60,
      expertDurationS: debrief.expertMinutes * 60,
      gasKg: debrief.gasKg,
    })
    forget()
  }
  const act = async (action: BenchAction): Promise<void> => {
    const before = asked.current
    asked.current = [...before, action]
    setDone(asked.current)
    const answer = await ask<DrillView | null>((worker) => worker.act(action))
    if (answer !== null && 'refused' in answer) {
      asked.current = before
      setDone(before)
    }
    const next = show(answer)
    if (!next) return
    if (next.result !== 'open') {
      await keep(next)
      end.current?.focus()
    }
  }
  const giveUp = async (): Promise<void> => {
    show(await ask<DrillView | null>((worker) => worker.giveUp()))
  }
  if (!view) {
    return share === null ? (
      <p role="status">Setting up the rig …</p>
    ) : (
      <WorkerBar share={share} label="Setting up the rig" stop={stop} />
    )
  }
  return (
    <>
      <section className="drill-story" aria-label="What happened">
        <h2 ref={end} tabIndex={-1}>
          {view.title}
        </h2>
        {view.story.map((phrase) => (
          <p key={phrase.text}>
            <PhraseText phrase={phrase} />
          </p>
        ))}
        <p className="hint">
          Version {seed}, on{' '}
          {view.isOwnRig ? view.rigName : `the sample rig ${view.rigName}: yours cannot have this drill`}. Nothing here
          touches your records but the result.
        </p>
      </section>
      <div className={view.debrief ? 'drill-bench is-over' : 'drill-bench'}>
        {view.debrief && (
          <DrillDebrief
            view={view}
            debrief={view.debrief}
            lineId={view.isOwnRig ? lineId : null}
            saved={saving.state === 'saved'}
            issue={issueAt('')}
          />
        )}
        <div className="readings">
          <BenchReadings view={view} />
          {refused && (
            <p className="issue" role="alert">
              {refused}
            </p>
          )}
        </div>
        {view.controls.length > 0 && (
          <section aria-label="What you can do" className="drill-controls">
            <h2>What do you do?</h2>
            {view.controls.map(({ name, controls }, i) => (
              <details key={name} open={i < 3}>
                <summary>{name}</summary>
                <div className="ask-outcomes">
                  {controls.map(({ label, action }) => (
                    <Button key={label} variant="quiet" disabled={share !== null} onClick={() => void act(action)}>
                      {label}
                    </Button>
                  ))}
                </div>
              </details>
            ))}
            <Button variant="link" size="sm" onClick={() => void giveUp()}>
              {practiceLabels.endDrill}
            </Button>
            <LastAct view={view} />
          </section>
        )}
        <DrillLog log={view.log} />
      </div>
    </>
  )
}
