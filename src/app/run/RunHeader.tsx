'use client'

import { Link } from '@/ui/shell/Link'
import Button from 'react-bootstrap/Button'
import { Behind, DrawingSave, DrawingTools } from '@/ui/fields/DrawingParts'
import { runSummary } from '@/core/run/analysis/runSummary'
import { PhraseText } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { StateMark } from '@/ui/figures/StateMark'
import type { RunPageData } from './runPageData'
import type { RunEditor } from './useRunEditor'
import { runLabels } from '@/ui/terms/runLabels'

/** Scenario assumptions, each removable. */
function Supposed({ editor, data }: { editor: RunEditor; data: RunPageData }) {
  const { scenario } = editor.draft
  const nameOf = (id: string): string => data.rig.cylinders.find((one) => one.id === id)?.name ?? id
  const all = [
    ...scenario.fills.map((id) => ({
      words: `${nameOf(id)} filled before leaving`,
      drop: () => editor.setWhatIf({ ...scenario, fills: scenario.fills.filter((other) => other !== id) }),
    })),
    ...(scenario.moreCylinders > 0
      ? [
          {
            words: `${scenario.moreCylinders} more full 20 lb`,
            drop: () => editor.setWhatIf({ ...scenario, moreCylinders: 0 }),
          },
        ]
      : []),
    ...(scenario.moreBottles > 0
      ? [
          {
            words: `${scenario.moreBottles} more full bottles`,
            drop: () => editor.setWhatIf({ ...scenario, moreBottles: 0 }),
          },
        ]
      : []),
  ]
  if (all.length === 0) return null
  return (
    <p className="supposed">
      <span>Supposed, not done yet:</span>
      {all.map(({ words, drop }) => (
        <Button key={words} variant="quiet" size="sm" aria-label={`No longer suppose: ${words}`} onClick={drop}>
          {words} <span aria-hidden="true">×</span>
        </Button>
      ))}
    </p>
  )
}

/** How the trip goes, in a sentence and its numbers; the same on every page of the station, with what saves it. */
export function RunHeader({ editor, data }: { editor: RunEditor; data: RunPageData }) {
  const { outlook, refused } = editor
  const head = outlook && runSummary(outlook.run, outlook.input)
  return (
    <section className="run-top" aria-label="How the trip goes">
      {data.trip?.isUnderWay && (
        <p className="answer">
          Under way. Here the whole trip is counted, as if what is aboard now had been there at its start.{' '}
          <Link href={`/trips/${data.trip.plan.id}/ready`}>{runLabels.whatIsLeftOfIt}</Link>
        </p>
      )}
      {head && (
        <>
          <p className="air-sentence" role="status" aria-label={runLabels.theTripInASentence}>
            <StateMark state={head.goes === null ? 'none' : head.goes === 'short' ? 'fix-first' : 'ready'} />
            <span>
              <PhraseText phrase={head.sentence} />
            </span>
          </p>
          <ul className="air-figures">
            {head.figures.map(({ label, figure }) => (
              <li key={label}>
                <span>{label}</span>
                <FigureButton figure={figure} className="large" />
              </li>
            ))}
          </ul>
        </>
      )}
      {refused && (
        <p className="issue" role="alert">
          {refused}
        </p>
      )}
      <Supposed editor={editor} data={data} />
      <Behind drawing={editor} what="trip" />
      <form
        noValidate
        className="run-save"
        onSubmit={(event) => {
          event.preventDefault()
          void editor.save()
        }}
      >
        <DrawingSave label={runLabels.saveToTheTrip} drawing={editor} />
        <span className="line-tools">
          <DrawingTools drawing={editor} />
        </span>
      </form>
    </section>
  )
}
