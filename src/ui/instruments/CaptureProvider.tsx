'use client'

import { createContext, useContext, useMemo, useRef, useState, type ReactNode } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import type { DisplayRole, Quantity } from '@/core/base/quantity'
import { displayRoles } from '@/core/units/displayRoles'
import { unitTable } from '@/core/units/unitTable'

/** The field that takes a captured reading: the one last in focus. */
interface CaptureTarget {
  role: DisplayRole
  take: (value: number) => void
}

interface Capture {
  focusField: (target: CaptureTarget) => void
  /** Puts a reading into the field last in focus and reports what happened. */
  capture: (reading: Quantity) => void
  /** What the last capture came to. */
  said: string
}

/** A field takes a reading of its own dimension, or of its own role where it has none. */
function fits(reading: DisplayRole, field: DisplayRole): boolean {
  const { dimension } = displayRoles[field]
  return dimension === null ? reading === field : displayRoles[reading].dimension === dimension
}

const CaptureContext = createContext<Capture | null>(null)

/** Connects the instruments with the field in focus. */
export function CaptureProvider({ children }: { children: ReactNode }) {
  const target = useRef<CaptureTarget | null>(null)
  const [said, setSaid] = useState('')

  const value = useMemo<Capture>(
    () => ({
      said,
      focusField: (field) => {
        target.current = field
      },
      capture: (reading) => {
        const field = target.current
        if (!field) {
          setSaid('Choose the field that should take the reading, then capture.')
        } else if (!fits(reading.role, field.role)) {
          const { dimension } = displayRoles[field.role]
          const wanted = dimension === null ? 'number of this kind' : unitTable[dimension].noun
          setSaid(`This instrument does not measure a ${wanted}, which the field wants.`)
        } else {
          field.take(reading.value)
          setSaid('Captured into the field.')
        }
      },
    }),
    [said],
  )
  return <CaptureContext value={value}>{children}</CaptureContext>
}

export function useCapture(): Capture {
  const capture = useContext(CaptureContext)
  if (!capture) throw new Error('useCapture outside CaptureProvider')
  return capture
}

/**
 * The keys that take a reading: `c` on the page, Alt and `c` from within a field.
 *
 * @param take - puts the reading into the field in focus
 * @param reading - the keys are set again with each
 */
export function useCaptureKeys(take: () => void, reading: unknown): void {
  useHotkeys('c', take, [reading])
  useHotkeys('alt+c', take, { enableOnFormTags: true, preventDefault: true }, [reading])
}
