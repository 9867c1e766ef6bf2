'use client'

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import { useHotkeys } from 'react-hotkeys-hook'

interface Offer {
  /** What was done, as `Weighing saved`. */
  done: string
  undo: () => Promise<void>
}

const UndoContext = createContext<((offer: Offer) => void) | null>(null)

/** Holds the last thing done and takes it back on `u`: undoing voids, it never erases. */
export function UndoProvider({ children }: { children: ReactNode }) {
  const [offer, setOffer] = useState<Offer | null>(null)
  const [undone, setUndone] = useState(false)

  const takeBack = (): void => {
    if (!offer || undone) return
    setUndone(true)
    void offer.undo()
  }
  useHotkeys('u', takeBack, [offer, undone])

  const value = useMemo(
    () =>
      (next: Offer): void => {
        setUndone(false)
        setOffer(next)
      },
    [],
  )
  return (
    <UndoContext value={value}>
      {children}
      <div role="status" className="undo-bar" hidden={offer === null}>
        {offer && (
          <>
            <span>{undone ? `Taken back: ${offer.done.toLowerCase()}` : offer.done}</span>
            {!undone && (
              <Button variant="light" size="sm" onClick={takeBack} aria-keyshortcuts="u">
                Undo
              </Button>
            )}
            <Button variant="light" size="sm" onClick={() => setOffer(null)}>
              Close
            </Button>
          </>
        )}
      </div>
    </UndoContext>
  )
}

/** Offers the way back from something just done. */
export function useUndo(): (offer: Offer) => void {
  const offer = useContext(UndoContext)
  if (!offer) throw new Error('useUndo outside UndoProvider')
  return offer
}
