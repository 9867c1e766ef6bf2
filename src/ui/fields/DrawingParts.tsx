'use client'

import { Redo2, Undo2 } from 'lucide-react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useHotkeys } from 'react-hotkeys-hook'
import { SaveBar } from './SaveBar'
import type { Drawing } from '@/ui/state/useDocumentDraft'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Back and forth, by button and by key. */
export function DrawingTools<Value>({ drawing }: { drawing: Drawing<Value> }) {
  useHotkeys('ctrl+z, meta+z', () => drawing.undo?.(), [drawing.undo])
  useHotkeys('ctrl+y, meta+shift+z', () => drawing.redo?.(), [drawing.redo])
  return (
    <>
      <Button variant="quiet" size="sm" disabled={!drawing.undo} onClick={() => drawing.undo?.()}>
        <Undo2 size={16} aria-hidden="true" /> {sharedLabels.undo}
      </Button>
      <Button variant="quiet" size="sm" disabled={!drawing.redo} onClick={() => drawing.redo?.()}>
        <Redo2 size={16} aria-hidden="true" /> {sharedLabels.redo}
      </Button>
    </>
  )
}

export function NameField<Value>({ id, label, drawing }: { id: string; label: string; drawing: Drawing<Value> }) {
  const issue = drawing.issueAt('name')
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        id={id}
        value={drawing.name}
        maxLength={60}
        aria-invalid={issue !== null}
        onChange={(event) => drawing.rename(event.target.value)}
      />
      {issue && (
        <p className="issue mb-0" role="alert">
          {issue}
        </p>
      )}
    </div>
  )
}

/** Note that a newer version was saved. */
export function Behind<Value>({ drawing, what }: { drawing: Drawing<Value>; what: string }) {
  if (!drawing.behind) return null
  return (
    <p className="issue" role="alert">
      This {what} was saved somewhere else in the meantime. What you drew is kept here; to see theirs, leave yours.
    </p>
  )
}

/** Saves a drawing, optionally over a newer one, or discards the draft. */
export function DrawingSave<Value>({
  label,
  drawing,
  leave,
}: {
  label: string
  drawing: Drawing<Value>
  /** For a new drawing: discards its start. */
  leave?: () => void
}) {
  const { theirVersion } = drawing
  return (
    <>
      <SaveBar label={label} saving={drawing.saving} dirty={drawing.dirty}>
        {leave && (
          <Button
            variant="quiet"
            onClick={() => {
              drawing.drop()
              leave()
            }}
          >
            {sharedLabels.beginWithAnother}
          </Button>
        )}
        {theirVersion !== null && (
          <Button variant="quiet" onClick={() => void drawing.save(theirVersion)}>
            {sharedLabels.saveMineOverTheirs}
          </Button>
        )}
        {drawing.dirty && drawing.id !== null && (
          <Button variant="quiet" onClick={drawing.drop}>
            {sharedLabels.leaveItAsItWasSaved}
          </Button>
        )}
      </SaveBar>
      {drawing.saving.issues
        .filter(({ path }) => path !== '' && path !== 'name')
        .map(({ path, message }) => (
          <p key={path} className="issue" role="alert">
            {message}
          </p>
        ))}
    </>
  )
}
