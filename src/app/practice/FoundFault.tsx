'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { recordFaultAction } from '@/actions/practice'
import type { RigDiagnosis } from '@/core/practice/diagnosis/diagnoseRig'
import type { PracticeLine } from '@/services/practice/practice'
import { Link } from '@/ui/shell/Link'
import { useSave } from '@/ui/state/useSave'
import { practiceLabels } from '@/ui/terms/practiceLabels'

/** The fault that the search ends in: what it rests on, and who repairs it how. */
export function FoundFault({
  found,
  rigId,
  line: { id: lineId, rig },
  goOn,
}: {
  found: RigDiagnosis
  rigId: string
  line: PracticeLine
  /** Goes on asking; null when nothing allowed would tell more. */
  goOn: (() => void) | null
}) {
  const { save, saving, issueAt } = useSave(recordFaultAction)
  const [entered, setEntered] = useState<readonly string[]>([])
  const first = found.ranked[0]
  if (!first) return null
  const alike = found.ranked.filter(({ group }) => group === first.group)
  const needsTechnician = first.faults.some(({ repair }) => repair.by === 'technician')
  const support = first.restsOn.flatMap((id) => found.asked.find((one) => one.id === id) ?? [])
  return (
    <section className="found-fault" aria-label="Most likely">
      <p className="place-number">
        Most likely, {Math.round(found.groupProbability * 100)} % {alike.length > 1 && 'for these together'}
      </p>
      {alike.map(({ faults }) => (
        <h2 key={faults.map(({ kind, place }) => `${kind} ${place.at}`).join(' ')}>
          {faults.map(({ label, place }) => `${label}: ${place.name}`).join(' and ')}
        </h2>
      ))}
      {alike.length > 1 && <p>No check that an owner may do tells these apart.</p>}
      {needsTechnician && (
        <p className="call-technician">
          <strong>Shut the gas off and call a licensed technician.</strong>
        </p>
      )}
      {first.faults.map(({ kind, label, place, repair, isNormal }) => (
        <div key={`${kind} ${place.at}`}>
          {first.faults.length > 1 && <h3>{label}</h3>}
          <ol>
            {repair.steps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
          {repair.tell && (
            <p>
              Tell them: “{repair.tell}” <small>({place.name})</small>
            </p>
          )}
          <div className="save-line">
            {!isNormal && !entered.includes(kind) && (
              <Button
                variant="quiet"
                disabled={saving.state === 'saving'}
                onClick={async () => {
                  const saved = await save({ rigId, lineId, kind, place: place.at, note: null })
                  if (saved) setEntered([...entered, kind])
                }}
              >
                {practiceLabels.enterFault}
              </Button>
            )}
            {rig.line.parts.some(({ id }) => id === place.partId) && (
              <Link href={`/hookup?${new URLSearchParams({ line: lineId, about: place.partId })}`}>
                {practiceLabels.showOnDrawing}
              </Link>
            )}
            <span role="status" className="word-state">
              {entered.includes(kind)
                ? 'Entered. The verdict counts it until the repair is entered under Faults.'
                : ['', 'kind', 'place', 'lineId'].map(issueAt).find(Boolean)}
            </span>
          </div>
        </div>
      ))}
      {support.length > 0 && (
        <p className="hint">It rests on: {support.map(({ ask, label }) => `${ask} ${label}`).join(' · ')}</p>
      )}
      {goOn && (
        <Button variant="quiet" size="sm" onClick={goOn}>
          {practiceLabels.keepAsking}
        </Button>
      )}
      <p className="hint">The manual and the local code come first. A search is no inspection.</p>
    </section>
  )
}
