'use client'

import { voidEventAction } from '@/actions/events'
import { recordFillAction } from '@/actions/fill'
import { useNotice } from '@/ui/state/UndoProvider'
import { useSave } from '@/ui/state/useSave'

/** Saves a fill and offers the way back. */
export function useFill(name: string) {
  const say = useNotice()
  const saver = useSave(recordFillAction)
  const saveFill = async (fill: object): Promise<boolean> => {
    const saved = await saver.save(fill)
    if (!saved) return false
    const { id } = saved.value
    say({
      done: `Fill of ${name} saved`,
      undo: async () => (await voidEventAction({ of: 'fill', id, reason: 'Undone right after it was saved' })).ok,
    })
    return true
  }
  return { ...saver, saveFill }
}
