'use client'

import { useEffect, useRef } from 'react'
import type { FieldValues, UseFormReturn } from 'react-hook-form'
import { useUnits } from './UnitsProvider'

/**
 * Keeps what is typed but not saved through a reload, in this tab.
 *
 * Kept apart for each family of units, since a bare number means its field's unit.
 *
 * @param key - names the form and the version of what it edits
 * @returns forget, to be called once saved
 */
export function useDraft<Values extends FieldValues>(key: string, form: UseFormReturn<Values>): () => void {
  const { system } = useUnits()
  const slot = `gold-kettle-draft ${key} ${system}`
  const restored = useRef('')

  useEffect(() => {
    if (restored.current === '') {
      const kept = sessionStorage.getItem(slot)
      if (kept !== null) form.reset({ ...form.getValues(), ...JSON.parse(kept) }, { keepDefaultValues: true })
    }
    // Units were switched: the fields, whose effects come first, have turned their numbers already.
    if (restored.current !== '' && restored.current !== slot && sessionStorage.getItem(restored.current) !== null) {
      sessionStorage.removeItem(restored.current)
      sessionStorage.setItem(slot, JSON.stringify(form.getValues()))
    }
    restored.current = slot
    return form.subscribe({
      formState: { values: true, isDirty: true },
      callback: ({ values, isDirty }) => {
        if (isDirty) sessionStorage.setItem(slot, JSON.stringify(values))
      },
    })
  }, [slot, form])

  return () => sessionStorage.removeItem(slot)
}
