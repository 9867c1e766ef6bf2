'use client'

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import ToastBody from 'react-bootstrap/ToastBody'
import ToastContainer from 'react-bootstrap/ToastContainer'
import { useHotkeys } from 'react-hotkeys-hook'
import { sharedLabels } from '@/ui/terms/sharedLabels'

interface Notice {
  /** What was done, as `Weighing saved`. */
  done: string
  /** Undoes it; true on success. Absent when it cannot be undone. */
  undo?: () => Promise<boolean>
}

const UndoContext = createContext<((notice: Notice) => void) | null>(null)

/** Shows the last action and undoes it on `u`; undo voids, it never deletes. */
export function UndoProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null)

  const takeBack = async (): Promise<void> => {
    if (!notice?.undo) return
    setNotice({ done: `Taking back: ${notice.done}` })
    const held = await notice.undo().catch(() => false)
    setNotice(
      held ? { done: `Taken back: ${notice.done}` } : { ...notice, done: `Not taken back, it stands: ${notice.done}` },
    )
  }
  useHotkeys('u', () => void takeBack(), [notice])

  const value = useMemo(
    () =>
      (next: Notice): void =>
        setNotice(next),
    [],
  )
  return (
    <UndoContext value={value}>
      {children}
      {/* Not the Toast component: it announces itself as an alert, and this is only a status. */}
      <ToastContainer role="status" className="notices">
        {notice && (
          <div className="toast show">
            <ToastBody>
              <span>{notice.done}</span>
              {notice.undo && (
                <Button variant="light" size="sm" onClick={() => void takeBack()} aria-keyshortcuts="u">
                  {sharedLabels.undo}
                </Button>
              )}
              <Button variant="light" size="sm" onClick={() => setNotice(null)}>
                {sharedLabels.close}
              </Button>
            </ToastBody>
          </div>
        )}
      </ToastContainer>
    </UndoContext>
  )
}

/** Shows that something was done, with an undo button if possible. */
export function useNotice(): (notice: Notice) => void {
  const say = useContext(UndoContext)
  if (!say) throw new Error('useNotice outside UndoProvider')
  return say
}
