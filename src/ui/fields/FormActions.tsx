'use client'

import type { ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import { SaveBar } from './SaveBar'
import { useSave, type Answer, type Saving } from '@/ui/state/useSave'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Buttons of a form: save, cancel, archive. */
export function FormActions({
  label,
  saving,
  dirty = false,
  leave,
  stored,
  archive,
  away = 'Put it away',
  children,
}: {
  label: string
  saving: Saving
  dirty?: boolean
  leave: () => void
  /** Row that can be archived; null for a new one. */
  stored: { id: string; version: number } | null
  archive: (input: { id: string; version: number }) => Promise<Answer<null>>
  away?: string
  children?: ReactNode
}) {
  const putting = useSave(archive)
  return (
    <>
      <SaveBar label={label} saving={saving} dirty={dirty}>
        {children}
        <Button variant="quiet" onClick={leave}>
          {sharedLabels.leaveIt}
        </Button>
        {stored && (
          <Button
            variant="bare"
            onClick={async () => {
              if (await putting.save({ id: stored.id, version: stored.version })) leave()
            }}
          >
            {away}
          </Button>
        )}
      </SaveBar>
      {putting.saving.issues.map(({ message }) => (
        <p key={message} className="issue" role="alert">
          {message}
        </p>
      ))}
    </>
  )
}
