'use client'

import { useEffect, useRef } from 'react'
import type { FieldValues, UseFormReturn } from 'react-hook-form'
import { useUnits } from './UnitsProvider'

interface Draft {
  /** Version of the row that was being edited; 0 for something new. */
  version: number
  values: object
}

function readDraft(slot: string): Draft | null {
  try {
    return JSON.parse(sessionStorage.getItem(slot) ?? 'null') as Draft | null
  } catch {
    // Nothing of ours: as good as none.
    return null
  }
}

export interface DraftHold {
  /** The version the typed values began from: saving over it must show a newer one, not overwrite it. */
  baseVersion: () => number
  /** Lets go of what is kept, before it is sent to be saved. */
  forget: () => void
  /** Keeps it again, when it was not saved. */
  keep: () => void
}

/**
 * Keeps what is typed but not saved through a reload, in this tab.
 *
 * Kept apart for each family of units, since a bare number means its field's unit.
 *
 * @param key - names the form and what it edits
 * @param version - of the row as loaded; 0 for something new
 */
export function useDraft<Values extends FieldValues>(
  key: string,
  version: number,
  form: UseFormReturn<Values>,
): DraftHold {
  const { system } = useUnits()
  const slot = `gold-kettle-draft ${key} ${system}`
  const restored = useRef('')
  const base = useRef(version)

  useEffect(() => {
    const store = (values: object): void =>
      sessionStorage.setItem(slot, JSON.stringify({ version: base.current, values } satisfies Draft))

    if (restored.current === '') {
      const draft = readDraft(slot)
      if (draft) {
        base.current = draft.version
        form.reset({ ...form.getValues(), ...draft.values }, { keepDefaultValues: true })
      }
    } else if (restored.current !== slot && sessionStorage.getItem(restored.current) !== null) {
      // Units were switched: the fields, whose effects come first, have turned their numbers already.
      sessionStorage.removeItem(restored.current)
      store(form.getValues())
    }
    restored.current = slot
    return form.subscribe({
      formState: { values: true, isDirty: true },
      callback: ({ values, isDirty }) => {
        if (isDirty) store(values)
      },
    })
  }, [slot, form])

  return {
    baseVersion: () => base.current,
    forget: () => sessionStorage.removeItem(slot),
    keep: () =>
      sessionStorage.setItem(slot, JSON.stringify({ version: base.current, values: form.getValues() } satisfies Draft)),
  }
}
