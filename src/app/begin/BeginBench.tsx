'use client'

import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import { beginAction } from '@/actions/trip'
import { beginSteps, beginStepLabels, beginValues, readBegin, type BeginStep, type BeginPart } from './beginForm'
import { BeginCylinder } from './BeginCylinder'
import { BeginFound } from './BeginFound'
import { BeginHeat } from './BeginHeat'
import { BeginName } from './BeginName'
import { BeginTrip } from './BeginTrip'
import { useSavedForm } from '@/ui/state/useSavedForm'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Step a refusal belongs to, by the field it names. */
function stepOf(path: string): BeginStep {
  if (path.startsWith('cylinder')) return 'cylinder'
  if (path.startsWith('trip')) return 'trip'
  if (path.startsWith('heater') || path.startsWith('burns')) return 'heat'
  return path.startsWith('equipment') ? 'found' : 'rig'
}

/** First run: five short pages to a first verdict; every question can be skipped. */
export function BeginBench({
  isFirst,
  suggestedDay,
  thisMonth,
}: {
  isFirst: boolean
  suggestedDay: string
  thisMonth: string
}) {
  const router = useRouter()
  const { values, set, save, saving, issueAt } = useSavedForm({
    slot: 'begin',
    initial: beginValues(suggestedDay),
    send: beginAction,
  })
  const { said, issues } = readBegin(values, thisMonth)
  const here = beginSteps.indexOf(values.step)
  const next = beginSteps[here + 1]
  const before = beginSteps[here - 1]
  const wrong = issues[values.step] ?? null
  const refusedAt = saving.issues[0]

  const go = async (): Promise<void> => {
    if (wrong !== null) return
    if (next) return set({ step: next })
    const bad = beginSteps.find((step) => issues[step])
    if (bad) return set({ step: bad })
    const begun = await save(said)
    if (begun) router.push('/')
  }
  const part: BeginPart = { values, set, issueAt, thisMonth }
  return (
    <form
      noValidate
      className="begin"
      onSubmit={(event) => {
        event.preventDefault()
        void go()
      }}
    >
      <h1>{isFirst ? 'Before the first trip' : 'Another rig'}</h1>
      {isFirst && values.step === 'rig' && (
        <p>
          Five short pages, and you know whether you can leave. What you do not know, leave out: it is counted as not
          known, and asked for later.
        </p>
      )}
      <ol className="begin-steps" aria-label="Pages">
        {beginSteps.map((step, i) => (
          <li key={step} aria-current={step === values.step ? 'step' : undefined} className={i < here ? 'done' : ''}>
            {beginStepLabels[step]}
          </li>
        ))}
      </ol>
      {values.step === 'rig' && <BeginName {...part} />}
      {values.step === 'cylinder' && <BeginCylinder {...part} />}
      {values.step === 'heat' && <BeginHeat {...part} />}
      {values.step === 'found' && <BeginFound {...part} />}
      {values.step === 'trip' && <BeginTrip {...part} />}
      <div role="alert">
        {refusedAt && (
          <p className="issue">
            {stepOf(refusedAt.path) !== values.step && refusedAt.path !== ''
              ? `${beginStepLabels[stepOf(refusedAt.path)]}: `
              : ''}
            {refusedAt.message}
          </p>
        )}
      </div>
      <div className="save-line">
        <Button type="submit" disabled={saving.state === 'saving'}>
          {next ? sharedLabels.goOn : sharedLabels.seeTheVerdict}
        </Button>
        {before && (
          <Button variant="quiet" onClick={() => set({ step: before })}>
            Back
          </Button>
        )}
        <span role="status" className="word-state">
          {saving.state === 'saving' ? 'Working it out …' : ''}
        </span>
      </div>
    </form>
  )
}
