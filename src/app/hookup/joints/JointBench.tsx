'use client'

import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { jointSheet, type JointRow, toolsToBring } from '@/core/hookup/checks/jointSheet'
import { jointName } from '@/core/hookup/line/jointName'
import type { JointState, Line } from '@/core/hookup/line/line'
import type { HookupPageData } from '@/app/hookup/hookupPageData'
import { marksOf } from '@/app/hookup/marksOf'
import { useCheck, useLine } from '@/app/hookup/useLine'
import { FindingList } from '@/ui/figures/FindingList'
import { SaveBar } from '@/ui/fields/SaveBar'
import { StateMark, stateLabels, type MarkState } from '@/ui/figures/StateMark'
import { jointStateLabels } from './jointStateLabels'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const verdictLabels = {
  mates: null,
  lookalike: 'Looks alike, never seals: an adapter belongs between.',
  'does-not-fit': 'Does not fit: an adapter belongs between.',
} as const

function Row({
  row,
  number,
  mark,
  isAsked,
  set,
}: {
  row: JointRow
  number: number
  mark: MarkState
  isAsked: boolean
  set: (made: JointState) => void
}) {
  const { joint, verdict } = row.joint
  const fieldId = `made-${joint.id}`
  const misfit = verdictLabels[verdict.verdict]
  return (
    <li
      className={`joint-row ${isAsked ? 'asked' : ''}`}
      ref={(element) => {
        if (isAsked) element?.scrollIntoView({ block: 'center' })
      }}
    >
      <span className="joint-number">{number}</span>
      <div className="joint-words">
        <strong>{jointName(row.joint)}</strong>
        {misfit === null ? (
          <dl>
            <dt>Connection</dt>
            <dd>{row.connection}</dd>
            <dt>Turn</dt>
            <dd>{row.work.turn}</dd>
            <dt>Seal</dt>
            <dd>{row.work.seal}</dd>
            <dt>Tighten</dt>
            <dd>{row.work.tighten}</dd>
          </dl>
        ) : (
          <p className="issue mb-0">{misfit}</p>
        )}
        {misfit === null &&
          row.notes.map((note) => (
            <p key={note} className="hint mb-0">
              {note}
            </p>
          ))}
      </div>
      <div className="joint-made">
        <Form.Label htmlFor={fieldId}>{hookupLabels.howItWasMade}</Form.Label>
        <Form.Select
          id={fieldId}
          size="sm"
          value={joint.made}
          onChange={(event) => set(event.target.value as JointState)}
        >
          {row.states.map((state) => (
            <option key={state} value={state}>
              {jointStateLabels[state]}
            </option>
          ))}
        </Form.Select>
        {joint.made === 'not-known' && misfit === null && (
          <Button variant="quiet" size="sm" onClick={() => set('as-it-should')}>
            {jointStateLabels['as-it-should']}
          </Button>
        )}
        {mark !== 'none' && (
          <span className="joint-mark">
            <StateMark state={mark} size={24} /> {stateLabels[mark]}
          </span>
        )}
      </div>
    </li>
  )
}

/** Every joint in order of assembly, how it is made, and how it was. */
export function JointBench({ data, begin }: { data: HookupPageData; begin: { name: string; line: Line } }) {
  const editor = useLine(data, begin)
  const check = useCheck(editor, data)
  const marks = marksOf(check)
  const rows = jointSheet(check.graph)
  const findings = check.findings.filter(({ code }) => code.startsWith('joint'))
  return (
    <form
      className="bench-and-slip joint-bench"
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        await editor.save()
      }}
    >
      <section aria-label="Joint sheet">
        <p className="lead">
          From the appliances up to the cylinders: the cylinder’s joint comes last, when everything behind it is closed.
        </p>
        <ol className="joint-sheet">
          {rows.map((row, i) => (
            <Row
              key={row.joint.joint.id}
              row={row}
              number={i + 1}
              mark={marks.get(row.joint.joint.id) ?? 'none'}
              isAsked={data.about === row.joint.joint.id}
              set={(made) => editor.edit({ do: 'made', ids: [row.joint.joint.id], made })}
            />
          ))}
        </ol>
        {rows.length === 0 && <p>No two parts of this line are joined yet.</p>}
        <SaveBar label={hookupLabels.saveTheJoints} saving={editor.saving} dirty={editor.dirty}>
          {editor.undo && (
            <Button variant="quiet" onClick={() => editor.undo?.()}>
              {sharedLabels.undo}
            </Button>
          )}
        </SaveBar>
      </section>
      <aside className="slip-side">
        <section className="slip" aria-label="Tools to bring">
          <h2>Bring</h2>
          <p className="sub">for the joints of this line</p>
          <ul className="plain-list">
            {toolsToBring(check.graph).map((tool) => (
              <li key={tool}>{tool}</li>
            ))}
          </ul>
          <p className="hint mb-0">Soap every joint you made before anything is lit.</p>
        </section>
        <section aria-label={sharedLabels.findings} className="mt-3">
          <FindingList findings={findings} />
        </section>
      </aside>
    </form>
  )
}
