'use client'

import { useState } from 'react'
import { voidEventAction } from '@/actions/log'
import { recordFillAction } from '@/actions/fill'
import { instantOf } from '@/ui/fields/WhenField'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'

/** Saves a fill, at the time of its field, and offers the way back. */
export function useFill(name: string) {
  const say = useNotice()
  const saver = useSave(recordFillAction)
  const [when, setWhen] = useState('')
  const saveFill = async (fill: object): Promise<boolean> => {
    const saved = await saver.save({ ...fill, happenedAt: instantOf(when) })
    if (!saved) return false
    setWhen('')
    const { id } = saved.value
    say({
      done: `Fill of ${name} saved`,
      undo: async () => (await voidEventAction({ of: 'fill', id, reason: 'Undone right after it was saved' })).ok,
    })
    return true
  }
  const whenField = {
    text: when,
    issue: saver.issueAt('happenedAt'),
    onText: (text: string): void => {
      saver.resetSaving()
      setWhen(text)
    },
  }
  return { ...saver, saveFill, whenField }
}
