'use client'

import { useCallback, useEffect, useRef } from 'react'
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
    // Not in our format: ignored.
    return null
  }
}

/** Whether two form values, nested records of text and flags, are equal. */
function isSame(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  const [left, right] = [new Map(Object.entries(a)), new Map(Object.entries(b))]
  return left.size === right.size && [...left].every(([key, value]) => right.has(key) && isSame(value, right.get(key)))
}

export interface DraftHold {
  /** Version that the typed values started from: saving must not overwrite a newer one. */
  baseVersion: () => number
  /** Discards the stored draft, before saving. */
  forget: () => void
  /** Stores it again when saving failed. */
  keep: () => void
}

/**
 * Stores unsaved input of a form in the session of this tab.
 *
 * Stored per unit system, since a number without unit depends on it.
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

  const store = useCallback(
    (values: object): void =>
      sessionStorage.setItem(slot, JSON.stringify({ version: base.current, values } satisfies Draft)),
    [slot],
  )

  useEffect(() => {
    if (restored.current === '') {
      const draft = readDraft(slot)
      if (draft) {
        base.current = draft.version
        form.reset({ ...form.getValues(), ...draft.values }, { keepDefaultValues: true })
      }
    } else if (restored.current !== slot && sessionStorage.getItem(restored.current) !== null) {
      // After a switch of units the fields, whose effects run first, have already converted their numbers.
      sessionStorage.removeItem(restored.current)
      store(form.getValues())
    }
    restored.current = slot
    return form.subscribe({
      formState: { values: true },
      // Compared here: when a form is reset, its own isDirty still has the earlier state.
      callback: ({ values, defaultValues }) => {
        if (isSame(values, defaultValues)) sessionStorage.removeItem(slot)
        else store(values)
      },
    })
  }, [slot, form, store])

  return {
    baseVersion: () => base.current,
    forget: () => sessionStorage.removeItem(slot),
    keep: () => store(form.getValues()),
  }
}
