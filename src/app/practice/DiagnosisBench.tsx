'use client'

import { useEffect, useEffectEvent, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { LinePicker } from '@/app/hookup/LinePicker'
import { type Answer, CANNOT_TELL } from '@/core/practice/diagnosis/check'
import type { RigDiagnosis } from '@/core/practice/diagnosis/diagnoseRig'
import { type DangerSign, type SymptomId, symptomIds, symptoms } from '@/core/practice/diagnosis/symptoms'
import type { PracticeLine } from '@/services/practice/practice'
import { WorkerBar } from '@/ui/shell/WorkerBar'
import { useSessionState } from '@/ui/state/useSessionState'
import { useSteadyWorker } from '@/ui/state/useSteadyWorker'
import { practiceLabels } from '@/ui/terms/practiceLabels'
import type { PracticeWorker } from '@/workers/practice.worker'
import { createPracticeWorker } from '@/workers/threads'
import { DangerSigns, EmergencyEnd } from './DangerSigns'
import { FaultRanking } from './FaultRanking'
import { FoundFault } from './FoundFault'
import { LineMap } from './LineMap'

interface Search {
  symptom: SymptomId | null
  answers: readonly Answer[]
  /** The owner goes on after a fault was named. */
  goesOn: boolean
}

const start: Search = { symptom: null, answers: [], goesOn: false }

/** Search for a fault on a line of the rig: dangers first, then the question that tells most. */
export function DiagnosisBench({
  rigId,
  lines,
  line,
}: {
  rigId: string
  lines: readonly { id: string; name: string }[]
  line: PracticeLine
}) {
  const [search, setSearch] = useSessionState<Search>(`diagnosis ${line.id}`, start)
  const [danger, setDanger] = useState<DangerSign | null>(null)
  const [found, setFound] = useState<RigDiagnosis | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  const { share, ask, stop } = useSteadyWorker<PracticeWorker>(createPracticeWorker)
  const { symptom, answers, goesOn } = search

  // Ranks again whenever the answers change, after a reload too.
  const rank = useEffectEvent(() => {
    const input = { rig: line.rig, symptoms: symptom === null ? [] : [symptom], dangers: [], answers: [...answers] }
    return symptom === null ? null : ask<RigDiagnosis>((worker, tell) => worker.diagnose(input, tell))
  })
  const asked = JSON.stringify([symptom, answers])
  useEffect(() => {
    void rank()?.then((answer) => {
      if (answer === null) return
      setRefused('refused' in answer ? answer.refused : null)
      if ('value' in answer) setFound(answer.value)
    })
  }, [asked])
  const restart = (): void => {
    setSearch(start)
    setFound(null)
    setDanger(null)
  }
  if (danger) return <EmergencyEnd sign={danger} restart={restart} />
  const first = found?.ranked[0]
  const next = found?.next ?? null
  const isOver = found !== null && found.isDone && (!goesOn || next === null)
  return (
    <>
      {lines.length > 1 && <LinePicker lines={lines} chosenId={line.id} />}
      <DangerSigns choose={setDanger} isFolded={symptom !== null} />
      {symptom === null ? (
        <fieldset className="ask-card">
          <legend>{practiceLabels.whatIsWrong}</legend>
          <div className="ask-outcomes">
            {symptomIds.map((id) => (
              <Button key={id} variant="quiet" onClick={() => setSearch({ ...start, symptom: id })}>
                {symptoms[id]}
              </Button>
            ))}
          </div>
        </fieldset>
      ) : (
        <div className="diagnosis">
          <div>
            <p className="ask-complaint">
              <strong>{symptoms[symptom]}</strong>{' '}
              <Button variant="link" size="sm" onClick={restart}>
                {practiceLabels.startAgain}
              </Button>
            </p>
            {share !== null && <WorkerBar share={share} label="Working out what each fault would show" stop={stop} />}
            {refused && (
              <p className="issue" role="alert">
                {refused}
              </p>
            )}
            {found?.contradiction && (
              <p className="issue" role="alert">
                These two do not go together: check one.{' '}
                {found.contradiction
                  .map(({ check }) => found.asked.find(({ id }) => id === check))
                  .map((one) => (one ? `“${one.ask}” ${one.label}` : ''))
                  .join(' · ')}
              </p>
            )}
            {found && isOver && first && (
              <FoundFault
                found={found}
                rigId={rigId}
                line={line}
                goOn={next ? () => setSearch({ ...search, goesOn: true }) : null}
              />
            )}
            {next && !isOver && (
              <fieldset className="ask-card" key={next.id}>
                <legend>{next.ask}</legend>
                <p className="hint">
                  {next.how} About {Math.max(1, Math.round(next.minutes))} min.
                </p>
                <div className="ask-outcomes">
                  {[...next.outcomes, { id: CANNOT_TELL, label: practiceLabels.cannotTell }].map(({ id, label }) => (
                    <Button
                      key={id}
                      variant="quiet"
                      onClick={() => setSearch({ ...search, answers: [...answers, { check: next.id, outcome: id }] })}
                    >
                      {label}
                    </Button>
                  ))}
                </div>
              </fieldset>
            )}
            {answers.length > 0 && (
              <Button
                variant="quiet"
                size="sm"
                onClick={() => setSearch({ ...search, answers: answers.slice(0, -1), goesOn: false })}
              >
                {practiceLabels.undoAnswer}
              </Button>
            )}
            {found && found.asked.length > 0 && (
              <details className="fold" open={isOver}>
                <summary>Answers so far</summary>
                <dl className="answers">
                  {found.asked.map(({ id, ask: asked, label }) => (
                    <div key={id}>
                      <dt>{asked}</dt>
                      <dd>
                        {label}
                        {found.known.some(({ check }) => check === id) && <small> · from your records</small>}
                      </dd>
                    </div>
                  ))}
                </dl>
              </details>
            )}
          </div>
          <div>
            {found && <FaultRanking found={found} />}
            <LineMap
              line={line.rig.line}
              marked={
                isOver ? (first?.faults.map(({ place }) => place.partId) ?? []) : next?.partId ? [next.partId] : []
              }
            />
          </div>
        </div>
      )}
    </>
  )
}
