import type { ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import type { Saving } from '@/ui/state/useSave'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const stateLabels: Readonly<Record<Saving['state'], string>> = {
  idle: '',
  saving: 'Saving …',
  saved: sharedLabels.saved,
  refused: sharedLabels.notSaved,
}

/** Save button with the state of saving. */
export function SaveBar({
  label,
  saving,
  dirty,
  children,
}: {
  label: string
  saving: Saving
  dirty: boolean
  children?: ReactNode
}) {
  const general = saving.issues.filter(({ path }) => path === '')
  return (
    <>
      <div className="save-line">
        <Button type="submit" disabled={saving.state === 'saving'}>
          {label}
        </Button>
        {children}
        <span role="status" className="word-state">
          {dirty && saving.state !== 'refused' && saving.state !== 'saving'
            ? sharedLabels.notSavedYet
            : stateLabels[saving.state]}
        </span>
      </div>
      {general.map(({ message }) => (
        <p key={message} className="issue" role="alert">
          {message}
        </p>
      ))}
    </>
  )
}
